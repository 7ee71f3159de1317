import './strip.scss';

/** Colours side by side without a gap, on neutral grey: how they compare shows there. */
export function Strip({ hexes, label }: { hexes: readonly string[]; label: string }) {
  return (
    <span className="strip" role="img" aria-label={label}>
      {hexes.map((hex, index) => (
        <span key={index} style={{ background: hex }} />
      ))}
    </span>
  );
}
