import { App, Button, Dropdown } from 'antd';
import { memo } from 'react';
import { Block } from '../../../../core/session/plan/block';
import type { LineSet, Passage } from '../../../../core/session/plan/lineSet';
import type { Section } from '../../../../core/session/plan/session';
import { useRepertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';
import { useEdits } from '../draft/useEdits';
import { useCarried } from './carriedLines';

interface Props {
  readonly section: number;
  readonly kind: Section['kind'];
  /** How many lines the section has: what is put in comes after them. */
  readonly lines: number;
}

/** A passage as it is put into a class: under one block that remembers where it came from. */
function asBlock({ id, name, version, lines }: Passage): LineSet {
  const block = Block.parse({ id: 'passage', name, origin: { passageId: id, version } });
  const isNested = lines.blocks.some(({ within }) => within !== null);
  if (isNested) return lines;
  return {
    items: lines.items.map((item) => (item.block === null ? { ...item, block: block.id } : item)),
    blocks: [block, ...lines.blocks.map((one) => ({ ...one, within: block.id }))],
  };
}

/** Kept passages and carried lines, offered at the end of a section. */
export const PutIn = memo(function PutIn({ section, kind, lines: after }: Props) {
  const repertoire = useRepertoire();
  const edit = useEdits();
  const { modal, message } = App.useApp();
  const { data: passages = [] } = api.usePassagesQuery();
  const [drop] = api.useDropPassageMutation();
  const carried = useCarried();
  if (passages.length === 0 && !carried) return null;

  const put = (lines: LineSet) => {
    const unknown = lines.items.filter((item) => item.kind === 'movement' && !repertoire.find(item.movementId));
    if (unknown.length > 0) {
      void message.error('They name movements that are not in the repertoire any more. Nothing was put in.');
      return;
    }
    edit([{ kind: 'paste', at: { section, index: after }, lines }]);
  };
  const forget = (passage: Passage) =>
    modal.confirm({
      title: `Keep “${passage.name}” no longer?`,
      content: 'Classes that hold its lines stay as they are.',
      okText: 'Keep it no longer',
      cancelText: 'Leave it',
      onOk: () => drop(passage.id),
    });
  const own = passages.toSorted((a, b) => Number(b.role === kind) - Number(a.role === kind));
  const items = [
    ...(carried
      ? [
          {
            key: 'carried',
            label: `${carried.lines.items.length} carried from “${carried.from}”`,
            onClick: () => put(carried.lines),
          },
        ]
      : []),
    ...own.map((passage) => ({
      key: passage.id,
      label: `${passage.name}, ${passage.lines.items.length} lines`,
      onClick: () => put(asBlock(passage)),
    })),
    ...(own.length > 0
      ? [
          { type: 'divider' as const },
          {
            key: 'forget',
            label: 'Keep no longer',
            children: own.map((passage) => ({
              key: `forget-${passage.id}`,
              label: passage.name,
              onClick: () => forget(passage),
            })),
          },
        ]
      : []),
  ];
  return (
    <Dropdown trigger={['click']} autoFocus menu={{ items }}>
      <Button size="small" type="text" className="put-in">
        Put in …
      </Button>
    </Dropdown>
  );
});
