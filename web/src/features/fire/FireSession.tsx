import { useParams } from 'react-router';
import { FireFrame } from './FireFrame';
import { Following } from './Following';

/** A live session, or a rehearsal of one. */
export function FireSession() {
  const id = Number(useParams()['id']);
  return (
    <FireFrame>
      <Following key={id} id={id} />
    </FireFrame>
  );
}
