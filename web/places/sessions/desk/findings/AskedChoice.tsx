import { App, Select } from 'antd';
import { STRENGTHS, type Strength } from '../../../../../core/demand/ceilings';
import { api } from '../../../../app/server/api';
import type { AskedOf } from '../../../../class/useAsked';

/** How much may be asked of the group a class is for: it is judged by that. A class that is nobody's is judged as steady. */
export function AskedChoice({ askedOf: { group, asked } }: { readonly askedOf: AskedOf }) {
  const [askGroup] = api.useAskGroupMutation();
  const { message } = App.useApp();
  if (!group) return <span className="faded">for a {asked.strength} group</span>;
  const change = async (strength: Strength) => {
    const answer = await askGroup({ id: group.id, asked: { ...group.asked, strength } });
    if (answer.error) message.error('The server does not answer, so the group stays as it was.');
  };
  return (
    <span className="faded">
      for a{' '}
      <Select<Strength>
        size="small"
        variant="borderless"
        value={asked.strength}
        popupMatchSelectWidth={false}
        options={STRENGTHS.map((value) => ({ value, label: value }))}
        onChange={(strength) => void change(strength)}
        aria-label={`How much may be asked of ${group.name}`}
      />{' '}
      group
    </span>
  );
}
