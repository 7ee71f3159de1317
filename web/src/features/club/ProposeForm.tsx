import type { Recipe } from '@yellow-ledger/core';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useNavigate } from 'react-router';
import { asProblem } from '../../data/ask';
import { useOwnersQuery, useProposeMutation } from '../../data/club/clubApi';
import { useRecords } from '../../data/useCollections';
import { Select } from '../../kit/Select';
import { Problem } from '../../kit/Problem';

/** Proposes a recipe of one’s own: as the next version of one of the club, or as a new one. */
export function ProposeForm({ recipe }: { recipe: Recipe }) {
  const { kept: recipes } = useRecords('recipes');
  const { data: owners } = useOwnersQuery();
  const [propose, { error, isLoading }] = useProposeMutation();
  const navigate = useNavigate();
  const owned = new Set(owners?.flatMap(({ kind, id }) => (kind === 'recipes' ? [id] : [])));
  const clubRecipes = (recipes ?? []).filter(({ content }) => !owned.has(content.id));
  const forkedFrom = clubRecipes.find(({ content }) => content.id === recipe.parent?.recipeId);
  const [chosen, setChosen] = useState<string | null>(null);
  const [words, setWords] = useState('');
  const targetId = chosen ?? forkedFrom?.content.id ?? '';
  const send = async () => {
    const answer = await propose({
      targetId: targetId === '' ? null : targetId,
      words: words.trim(),
      content: recipe,
    });
    if ('data' in answer && answer.data)
      await navigate(`/club/proposals?open=${answer.data.id}`, { replace: true });
  };
  return (
    <section className="opened stacked" aria-labelledby="propose-head">
      <h2 id="propose-head">Propose {recipe.name} to the club</h2>
      <div className="flow">
        <Select label="Propose it as" value={targetId} onChoose={setChosen}>
          <option value="">a new club recipe</option>
          {clubRecipes.map(({ content }) => (
            <option key={content.id} value={content.id}>
              the next version of {content.name}
            </option>
          ))}
        </Select>
      </div>
      <Form.Group controlId="propose-words">
        <Form.Label>Why is it better? (kept with the version)</Form.Label>
        <Form.Control
          as="textarea"
          rows={2}
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
      </Form.Group>
      <p>
        It is proposed as it is now; what you change later is not part of it. All members see it.
      </p>
      {error && <Problem>{asProblem(error).message}</Problem>}
      <Button variant="next" disabled={isLoading} onClick={() => void send()}>
        Propose it
      </Button>
    </section>
  );
}
