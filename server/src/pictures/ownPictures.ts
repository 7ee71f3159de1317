/** So many pictures are remembered; a page names what it put in within seconds. */
const most = 1000;

/** Remembers the uploader of a picture: until a photograph names it, no other member may read it. */
export class OwnPictures {
  private readonly putIn = new Set<string>();

  add(hash: string, memberId: string): void {
    const key = `${memberId} ${hash}`;
    this.putIn.delete(key);
    this.putIn.add(key);
    const [oldest] = this.putIn;
    if (this.putIn.size > most) this.putIn.delete(oldest);
  }

  has(hash: string, memberId: string): boolean {
    return this.putIn.has(`${memberId} ${hash}`);
  }
}
