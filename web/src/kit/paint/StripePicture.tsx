import type { Stripe } from '../../workers/shared/potWork';
import './stripePicture.scss';

/** One neat coat across a card that is half black and half white: what hiding looks like. */
export function StripePicture({ stripe, label }: { stripe: Stripe | undefined; label?: string }) {
  return (
    <span
      className="stripe-card"
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    >
      <span className="stripe-half stripe-black">
        {stripe && <span style={{ background: stripe.overBlack }} />}
      </span>
      <span className="stripe-half stripe-white">
        {stripe && <span style={{ background: stripe.overWhite }} />}
      </span>
    </span>
  );
}
