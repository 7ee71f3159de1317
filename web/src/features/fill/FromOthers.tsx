import Button from 'react-bootstrap/Button';
import { useWhose } from '../../data/club/useWhose';
import { LinkButton } from '../../kit/LinkButton';
import type { WayProps } from './wayProps';

/** The shelf of a friend, as a file; in a club the shelves of those who show theirs. */
export function FromOthers({ onBegun, shelf }: WayProps) {
  const whose = useWhose('pots');
  const names = whose ? [...new Set(shelf.map(({ id }) => whose(id)))] : [];
  const others = names
    .filter((name) => name !== 'mine')
    .map((name) => [name, shelf.filter(({ id }) => whose?.(id) === name)] as const);
  return (
    <div className="stacked fill-way">
      <p>
        A friend saves the shelf as a table or the whole ledger as a file. You see what is in it
        before it is imported, and it overwrites nothing.
      </p>
      <LinkButton to="/shelf/files">Import a friend’s file</LinkButton>
      {others.map(([name, pots]) => (
        <Button
          key={name}
          variant="outline"
          onClick={() =>
            onBegun(
              pots.map(
                ({ id, name: called, kind, swatch, swatchShows, hiding, hidingIsGuess }) => ({
                  key: id,
                  isIn: true,
                  name: `${called} (mine)`,
                  kind,
                  swatch,
                  ...(swatchShows && { swatchShows }),
                  hiding,
                  hidingIsGuess,
                  tells: `As on the shelf: ${name}. Your bottle may differ.`,
                }),
              ),
            )
          }
        >
          Begin with the shelf: {name}, {pots.length}
        </Button>
      ))}
    </div>
  );
}
