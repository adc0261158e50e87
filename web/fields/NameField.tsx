import { Input } from 'antd';

interface Props {
  readonly id: string;
  readonly value: string;
  /** What does not hold of it; undefined while nothing is said. */
  readonly fault: string | undefined;
  readonly onChange: (name: string) => void;
}

/** What something is called, with what does not hold of that beside it. */
export const NameField = ({ id, value, fault, onChange }: Props) => (
  <>
    <label htmlFor={id}>Name</label>
    <div>
      <Input
        id={id}
        maxLength={120}
        value={value}
        status={fault ? 'error' : ''}
        aria-describedby={`${id}-fault`}
        onChange={({ target }) => onChange(target.value)}
      />
      <p id={`${id}-fault`} role="alert">
        {fault}
      </p>
    </div>
  </>
);
