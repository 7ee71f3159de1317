import { useId, useState, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import Collapse from 'react-bootstrap/Collapse';
import { ChevronDown, ChevronRight } from 'react-bootstrap-icons';
import './disclosure.scss';

export interface DisclosureProps {
  title: ReactNode;
  /** unfolded before anybody presses, or for as long as it is said */
  isOpen?: boolean;
  className?: string;
  /** called when it is opened or closed by a press */
  onToggle?: (isOpen: boolean) => void;
  children: ReactNode;
}

/** Something that is unfolded by pressing on its title. What is folded up is not drawn before. */
export function Disclosure(props: DisclosureProps) {
  const { title, isOpen = false, className = '', onToggle, children } = props;
  const id = useId();
  const [pressed, setPressed] = useState<boolean | null>(null);
  const shows = pressed ?? isOpen;
  return (
    <div role="group" className={`fold ${className}`}>
      <Button
        variant="bare"
        aria-expanded={shows}
        aria-controls={shows ? id : undefined}
        onClick={() => {
          setPressed(!shows);
          onToggle?.(!shows);
        }}
      >
        {shows ? <ChevronDown aria-hidden /> : <ChevronRight aria-hidden />}
        <span>{title}</span>
      </Button>
      <Collapse in={shows} mountOnEnter>
        <div id={id}>{children}</div>
      </Collapse>
    </div>
  );
}
