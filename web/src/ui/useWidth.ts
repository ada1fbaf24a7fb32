import { useSize } from './useSize';

/** The width of an element, px, as it is resized; 0 until it is there. */
export function useWidth(): [(element: HTMLElement | null) => void, number] {
  const [measure, { width }] = useSize();
  return [measure, width];
}
