import { Quantity } from '../../ui/Words';

/** A chance, in whole percent: it is a share of some dozens of samples. */
export function Chance({ of }: { of: number }) {
  return <Quantity kind="share" value={Math.round(of * 100) / 100} />;
}
