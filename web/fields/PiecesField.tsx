import { AutoComplete, Button } from 'antd';
import { useState } from 'react';
import { type Role, usualName } from '../../core/movement/schema/movement';
import { baseId } from '../../core/movement/schema/version';
import { useRepertoire } from '../app/repertoire';
import './fields.css';

interface Props {
  /** What the movements are part of, as it is read out: "Leave Neck Tilts out of the core". */
  readonly label: string;
  readonly pieces: readonly string[];
  /** Only movements that may stand there are offered. */
  readonly only?: Role;
  readonly onChange: (pieces: string[]) => void;
}

const OFFERED = 8;

/** Some movements, one taken out or added at a time. */
export function PiecesField({ label, pieces, only, onChange }: Props) {
  const { find, search } = useRepertoire();
  const [text, setText] = useState('');
  const found = search(text)
    .filter(({ id, roles }) => (!only || roles.includes(only)) && !pieces.includes(baseId(id)))
    .slice(0, OFFERED);
  const titleOf = (id: string) => {
    const movement = find(id);
    return movement ? usualName(movement) : id;
  };
  return (
    <div className="pieces-field">
      {pieces.map((id) => (
        <Button
          key={id}
          size="small"
          aria-label={`Leave ${titleOf(id)} out of ${label}`}
          onClick={() => onChange(pieces.filter((one) => one !== id))}
        >
          {titleOf(id)} ×
        </Button>
      ))}
      <AutoComplete
        aria-label={`Add to ${label}`}
        placeholder="add a movement"
        value={text}
        options={found.map((movement) => ({ value: usualName(movement) }))}
        onChange={setText}
        onSelect={(name: string) => {
          const movement = found.find((one) => usualName(one) === name);
          if (movement) onChange([...pieces, baseId(movement.id)]);
          setText('');
        }}
      />
    </div>
  );
}
