import type { ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import { useLocation, useNavigate } from 'react-router';
import { beginning, beginSteps, type BeginStep } from './beginning';
import './begin.scss';

export interface BeginStripProps {
  at: BeginStep;
  /** what to do here, in a sentence */
  children: ReactNode;
}

/** Where somebody who begins has come to, of five; it can be left at any step. */
export function BeginStrip({ at, children }: BeginStripProps) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const leave = () => {
    beginning.put({ is: 'left' });
    if (pathname === '/begin') void navigate('/recipes');
  };
  return (
    <section className="begin-strip" aria-label="Beginning">
      <ol>
        {beginSteps.map(({ name, words }) => (
          <li key={name} aria-current={name === at ? 'step' : undefined}>
            {words}
          </li>
        ))}
      </ol>
      <div className="flow">{children}</div>
      <Button variant="link" size="sm" onClick={leave}>
        Skip the tour
      </Button>
    </section>
  );
}
