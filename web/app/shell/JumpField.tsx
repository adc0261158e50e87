import { AutoComplete, type GetRef } from 'antd';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { usualName } from '../../../core/movement/schema/movement';
import { today } from '../machine/clock';
import { useNamedPlaces } from '../place';
import { useFetchedRepertoire } from '../repertoire';
import { api } from '../server/api';
import { dayInWords } from '../words';
import { takenOver, typedSoFar } from './EarlyJumpField';

/** One field that finds any movement, class or place and goes there. The key / focuses it. */
export function JumpField() {
  const [text, setText] = useState(() => typedSoFar() ?? '');
  const field = useRef<GetRef<typeof AutoComplete>>(null);
  const navigate = useNavigate();
  const named = useNamedPlaces();
  // What is looked through is fetched once somebody looks.
  const [isWanted, setWanted] = useState(() => typedSoFar() !== null);
  // In the same breath as the early field goes, so that no key falls between the two: what was typed while this one was being drawn
  // is in it as well.
  useLayoutEffect(() => {
    const typed = typedSoFar();
    if (typed !== null) {
      setText(typed);
      setWanted(true);
      field.current?.focus();
    }
    takenOver();
  }, []);
  const { repertoire } = useFetchedRepertoire(isWanted);
  const { data: sessions } = api.useSessionsQuery(undefined, { skip: !isWanted });
  useHotkeys('/', () => field.current?.focus(), {
    preventDefault: true,
    // By the sign, wherever a keyboard keeps it.
    useKey: true,
    ignoreModifiers: true,
  });

  const options = useMemo(() => {
    const wanted = text.trim().toLowerCase();
    if (wanted === '') return [];
    const places = named
      .filter(({ label }) => label.toLowerCase().startsWith(wanted))
      .map(({ label, path }) => ({ label, value: path }));
    const classes = (sessions ?? [])
      .filter(({ title }) => title.toLowerCase().includes(wanted))
      .slice(0, 6)
      .map(({ id, title, date }) => ({ value: `/sessions/${id}`, label: `${title}, ${dayInWords(date, today())}` }));
    const movements = (repertoire?.search(text) ?? [])
      .slice(0, 8)
      .map((movement) => ({ value: `/repertoire/${movement.id}`, label: usualName(movement) }));
    const forms = (repertoire?.forms ?? [])
      .filter(({ names }) =>
        [...names.english, ...names.pinyin, ...names.chinese].some((name) => name.toLowerCase().includes(wanted)),
      )
      .map(({ id, names }) => ({ value: `/repertoire/forms/${id}`, label: names.english[0] ?? id }));
    const group = (label: string, found: { value: string; label: string }[]) =>
      found.length > 0 ? [{ label, options: found }] : [];
    return [
      ...group('Places', places),
      ...group('Classes', classes),
      ...group('Movements', movements),
      ...group('Forms', forms),
    ];
  }, [text, sessions, repertoire, named]);

  return (
    <AutoComplete
      ref={field}
      className="shell-jump"
      value={text}
      options={options}
      onFocus={() => setWanted(true)}
      onChange={setText}
      onSelect={(to) => {
        setText('');
        field.current?.blur();
        navigate(to);
      }}
      defaultActiveFirstOption
      placeholder="Find or go to   /"
      aria-label="Find a movement, a class or a place"
      popupMatchSelectWidth={340}
      notFoundContent={text.trim() === '' ? null : 'Nothing by that name'}
    />
  );
}
