import {
  forms,
  formOf,
  lightNames,
  sectionWay,
  sectionWayNames,
  type Recipe,
  type Sections,
} from '@yellow-ledger/core';
import { Select } from '../../../kit/Select';

export interface PaintedForProps {
  recipe: Recipe;
  onEdit: (recipe: Recipe, of: string) => void;
}

const usualLight = 'above';
const counts = ['1', '2', '3', '4', '5', '6', '8', '10', '12'];

/** The setting of a recipe: where its light comes from, its gradient in sections. */
export function PaintedFor({ recipe, onEdit }: PaintedForProps) {
  const { sections } = recipe;
  const putSections = (next: Sections | undefined) => {
    const { sections: _before, ...rest } = recipe;
    onEdit(next ? { ...rest, sections: next } : rest, 'sections');
  };
  const hasWay = forms[formOf(recipe)].along !== undefined;
  return (
    <>
      <Select
        label="Painted for light from"
        value={recipe.light ?? usualLight}
        onChoose={(light) => {
          const { light: _before, ...rest } = recipe;
          onEdit(light === usualLight ? rest : { ...rest, light }, 'light');
        }}
        options={lightNames}
      />
      {(hasWay || sections) && (
        <Select
          label="Gradient in sections"
          value={String(sections?.count ?? 1)}
          onChoose={(count) =>
            putSections(
              count === '1'
                ? undefined
                : { count: Number(count), way: sections?.way ?? 'alternating' },
            )
          }
          options={counts.map((id) => ({ id, name: id === '1' ? 'one, all along' : id }))}
        />
      )}
      {sections && (
        <Select
          label="Each of them"
          value={sections.way}
          onChoose={(way) => putSections({ ...sections, way })}
          options={sectionWayNames.map((id) => ({
            id,
            name: `${sectionWay(id).label}: ${sectionWay(id).tells}`,
          }))}
        />
      )}
    </>
  );
}
