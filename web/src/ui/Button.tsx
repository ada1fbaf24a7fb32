import type { ComponentProps } from 'react';

type Weight = 'strong' | 'plain' | 'quiet';

const LOOKS: Record<Weight, string> = {
  strong: 'bg-ink text-ground hover:bg-ink/85 px-4 py-2 font-semibold',
  plain: 'border border-line hover:border-ink px-3 py-1.5',
  quiet: 'underline decoration-line underline-offset-4 hover:decoration-ink',
};

export type ButtonProps = ComponentProps<'button'> & { weight?: Weight };

export function Button({ weight = 'plain', className = '', ...rest }: ButtonProps) {
  return <button type="button" {...rest} className={`${LOOKS[weight]} ${className}`} />;
}
