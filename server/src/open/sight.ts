import {
  isOpaqueId,
  referencesOf,
  veiled,
  withReferences,
  type KindName,
  type Reference,
  type ResourceName,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { UnknownPots } from '../db/potLinks';
import { inParts, valuesAtOnce } from '../db/inParts';
import { hiddenFrom } from './hiddenFrom';
import type { OpaqueId } from './opaqueIds';

interface OwnedRow {
  kind: string;
  id: string;
}

/** The records that are hidden from one member, while one request is answered. */
export class Sight {
  private readonly hidden = new Map<string, Promise<ReadonlySet<string>>>();

  constructor(
    readonly memberId: string,
    private readonly opaque: OpaqueId,
    private readonly db: Knex | Knex.Transaction,
    /** guests do not see what is proposed */
    readonly seesProposals: boolean,
  ) {}

  /** Everything of a kind that is hidden; kinds nobody owns hide nothing. */
  hiddenOf(kind: KindName): Promise<ReadonlySet<string>> {
    const known = this.hidden.get(kind);
    if (known) return known;
    const [condition, bindings] = hiddenFrom(this.memberId);
    const asked = this.db<OwnedRow>('owners')
      .where({ kind })
      .whereRaw(condition, bindings)
      .pluck<string[]>('id')
      .then((ids) => new Set(ids));
    this.hidden.set(kind, asked);
    return asked;
  }

  /** Which of some records are hidden. */
  async hiddenAmong(kind: ResourceName, ids: readonly string[]): Promise<ReadonlySet<string>> {
    const [condition, bindings] = hiddenFrom(this.memberId);
    const hidden = new Set<string>();
    for (const part of inParts(ids, valuesAtOnce))
      for (const id of await this.db<OwnedRow>('owners')
        .where({ kind })
        .whereIn('id', part)
        .whereRaw(condition, bindings)
        .pluck<string[]>('id'))
        hidden.add(id);
    return hidden;
  }

  /** A record as its reader may see it: what it names and they may not see stands under another name. */
  async shown<Content extends object>(kind: KindName, content: Content): Promise<Content> {
    return (await this.shownAll(kind, [content]))[0];
  }

  async shownAll<Content extends object>(
    kind: KindName,
    contents: readonly Content[],
  ): Promise<Content[]> {
    const isHidden = await this.hiddenNames(kind, contents);
    return contents.map((content) =>
      referencesOf(kind, content).some(isHidden)
        ? withReferences(kind, content, (reference) =>
            isHidden(reference) ? veiled(reference, this.nameFor(reference)) : reference.id,
          )
        : content,
    );
  }

  /** The opaque identifier of a hidden record. */
  nameFor({ kinds, id }: Reference): string {
    return this.opaque(kinds[0], id);
  }

  /**
   * A record that is written, with the names its writer was not shown put back.
   *
   * @param before as it is stored; null where it is new
   * @param shadowed pots that are shown to the writer as shadows, by what stands for each: lines that
   *   draw from them are copied from one recipe into another
   * @throws UnknownPots for pots it newly draws from and its writer may not see, as if they were not there
   */
  async written<Content extends object>(
    kind: KindName,
    content: Content,
    before: object | null,
    shadowed: () => Promise<ReadonlyMap<string, string>>,
  ): Promise<Content> {
    await this.refuseHiddenPots(kind, content, before);
    if (!referencesOf(kind, content).some(({ id }) => isOpaqueId(id))) return content;
    const real = new Map<string, Reference>();
    for (const [name, id] of await shadowed()) real.set(name, { kinds: ['pots'], id });
    if (before) {
      const isHidden = await this.hiddenNames(kind, [before]);
      for (const reference of referencesOf(kind, before).filter(isHidden))
        real.set(this.nameFor(reference), reference);
    }
    return withReferences(kind, content, ({ id }) => {
      const stood = real.get(id);
      return stood ? { id: stood.id, repeated: stood.repeated ?? {} } : id;
    });
  }

  private async refuseHiddenPots(
    kind: KindName,
    content: object,
    before: object | null,
  ): Promise<void> {
    const pots = (record: object) =>
      referencesOf(kind, record).flatMap(({ kinds, id }) => (kinds[0] === 'pots' ? [id] : []));
    const had = new Set(before ? pots(before) : []);
    const fresh = pots(content).filter((id) => !had.has(id));
    const hidden = await this.hiddenAmong('pots', fresh);
    if (hidden.size > 0) throw new UnknownPots([...hidden]);
  }

  private async hiddenNames(kind: KindName, contents: readonly object[]) {
    const isOne = contents.length === 1;
    const asked = new Map<KindName, Set<string>>();
    for (const content of contents)
      for (const { kinds, id } of referencesOf(kind, content))
        for (const of of kinds) asked.set(of, (asked.get(of) ?? new Set()).add(id));
    const hidden = new Map<KindName, ReadonlySet<string>>();
    for (const [of, ids] of asked)
      hidden.set(
        of,
        isOne ? await this.hiddenAmong(of as ResourceName, [...ids]) : await this.hiddenOf(of),
      );
    return ({ kinds, id }: Reference) => kinds.some((of) => hidden.get(of)?.has(id));
  }
}
