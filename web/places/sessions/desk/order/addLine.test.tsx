import { screen, waitFor } from '@testing-library/react';
import { line } from '../../../../../core/testing/cleanClass';
import { session } from '../../../../../core/testing/sample';
import { renderDesk } from '../../../../testing/renderDesk';
import { AddLine } from './AddLine';

const main = { kind: 'main', pace: { from: 6, to: 6, easing: 0 }, items: [line('lift', 6, { id: 'a' })] };
const open = async () => {
  const drawn = await renderDesk(<AddLine section={0} kind="main" />, session({ sections: [main] }));
  const field = screen.getByLabelText(/^Add to the main/);
  const write = async (text: string) => {
    await drawn.user.click(field);
    await drawn.user.paste(text);
  };
  const take = (text: RegExp) => {
    const offers = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')];
    const offer = offers.find((one) => text.test(one.textContent ?? ''));
    if (!offer) throw new Error(`nothing is offered like ${text}`);
    return drawn.user.click(offer);
  };
  const last = () => drawn.now().sections[0]?.items.at(-1);
  return { ...drawn, field, write, take, last };
};

test('a line is offered with how it was understood, and taken as that', async () => {
  const { take, write, last } = await open();
  await write('lift 2 min');
  expect((await screen.findAllByText(/as many as fit into 2:00/)).length).toBeGreaterThan(0);
  await take(/as many as fit/);
  await waitFor(() => expect(last()).toMatchObject({ movementId: 'lift', ends: { by: 'clock', seconds: 120 } }));
});

test('what was not used of a line is struck through in the offer, and stays in the field', async () => {
  const { take, write, last, field } = await open();
  await write('lift wobble 4');
  await screen.findAllByText(/named “lift wobble”/);
  expect(document.querySelector('.ant-select-item-option del')?.textContent).toBe('wobble');
  await take(/4 times/);
  await waitFor(() => expect(last()).toMatchObject({ movementId: 'lift', count: 4 }));
  await waitFor(() => expect((field as HTMLInputElement).value).toBe('wobble'));
});

test('from so many to so many', async () => {
  const { take, write, last } = await open();
  await write('lift 8-12');
  expect((await screen.findAllByText(/8 to 12 times/)).length).toBeGreaterThan(0);
  await take(/8 to 12/);
  await waitFor(() => expect(last()).toMatchObject({ count: 10, range: { least: 8, most: 12 } }));
});

test('what nothing is found for becomes a talk of these words, or a movement of that name; the field is empty afterwards', async () => {
  const { take, write, last, field } = await open();
  await write('flying saucer 3');
  expect((await screen.findAllByText(/named “flying saucer”/)).length).toBeGreaterThan(0);
  await take(/3:00: “flying saucer”/);
  await waitFor(() => expect(last()).toMatchObject({ kind: 'talk', seconds: 180, note: 'flying saucer' }));
  await waitFor(() => expect((field as HTMLInputElement).value).toBe(''));
});

test('a bare small number of a rest may be minutes: both are offered', async () => {
  const { write } = await open();
  await write('rest 2');
  expect((await screen.findAllByText('2 seconds')).length).toBeGreaterThan(0);
  expect(screen.getAllByText('2:00').length).toBeGreaterThan(0);
});

test('where half of the words are unknown, what comes first, and Enter takes, is a talk of the minutes they say', async () => {
  const { take, write, last } = await open();
  await write('welcome and how was your week 2 min');
  await screen.findAllByText(/2:00: “welcome and how was your week”/);
  expect(document.querySelector('.ant-select-item-option')?.textContent).toMatch(/^Talk2:00: “welcome/);
  await take(/welcome and how/);
  await waitFor(() =>
    expect(last()).toMatchObject({ kind: 'talk', seconds: 120, note: 'welcome and how was your week' }),
  );
});

test('a rest of hours is offered as an hour, and says so', async () => {
  const { write } = await open();
  await write('rest 2 hours');
  expect((await screen.findAllByText(/60:00, an hour at most|1:00:00, an hour at most/)).length).toBeGreaterThan(0);
});

test('a talk is offered with the minutes that talks were measured to take with this group', async () => {
  const { user } = await renderDesk(
    <AddLine section={0} kind="main" />,
    session({ sections: [main], takes: { talk: 1.5 } }),
  );
  await user.click(screen.getByLabelText(/^Add to the main/));
  await user.paste('talk 2 min knees');
  const [first] = await waitFor(() => {
    const all = document.querySelectorAll('.ant-select-item-option');
    expect(all.length).toBeGreaterThan(0);
    return all;
  });
  expect(first?.textContent).toMatch(/2:00.*3:00/);
});
