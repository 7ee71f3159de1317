/**
 * The time a club goes by: it never goes back, so that a clock that is set back brings no link and
 * no cookie to life again.
 */
export class ClubClock {
  private latest: number;

  /** @param known the latest moment the club knows of, ms since 1970 */
  constructor(
    known = 0,
    private readonly clock: () => number = Date.now,
  ) {
    this.latest = known;
  }

  now(): number {
    this.latest = Math.max(this.latest, this.clock());
    return this.latest;
  }

  /** @example clock.iso(3_600_000) // in an hour, ISO 8601, UTC */
  iso(fromNowMs = 0): string {
    return new Date(this.now() + fromNowMs).toISOString();
  }
}
