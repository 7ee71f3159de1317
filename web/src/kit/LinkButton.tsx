import { Link, type LinkProps } from 'react-router';

export interface LinkButtonProps extends LinkProps {
  variant?: 'next' | 'outline' | 'plain';
}

/** Leads to another page, and looks like the buttons beside it. */
export function LinkButton({ variant = 'outline', ...link }: LinkButtonProps) {
  return <Link className={`btn btn-${variant}`} {...link} />;
}
