import type { ComponentProps } from 'react';

type PlainLinkProps = Pick<ComponentProps<'a'>, 'className' | 'children'> & {
  readonly href: string;
};

/** A link that loads its page anew: without Next’s own, which is a twentieth of what a phone’s page may weigh. */
export function PlainLink({ href, className, children }: PlainLinkProps) {
  return (
    <a href={href} className={className}>
      {children}
    </a>
  );
}
