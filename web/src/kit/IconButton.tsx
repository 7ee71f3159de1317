import type { ReactNode } from 'react';
import Button, { type ButtonProps } from 'react-bootstrap/Button';

export interface IconButtonProps extends Omit<ButtonProps, 'variant' | 'children'> {
  /** what it does, told on pointing at it and to who does not see it */
  label: string;
  /** more of it on pointing, such as its key */
  tip?: string;
  icon: ReactNode;
}

export const IconButton = ({ label, tip = label, icon, ...button }: IconButtonProps) => (
  <Button variant="icon" aria-label={label} title={tip} {...button}>
    {icon}
  </Button>
);
