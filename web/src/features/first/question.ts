/** What a question of the first steps is given: it calls `onDone` once its answer is stored. */
export interface Question {
  readonly onDone: () => void;
}
