import { screen, waitFor } from '@testing-library/react';
import { useNavigate } from 'react-router';
import { renderWith } from '../../../testing/renderDesk';
import { EditorPage } from './EditorPage';
import { keptMovements } from './keptMovement';

const open = () => renderWith(<EditorPage />);

test('an empty movement says everything it still needs', async () => {
  await open();
  await screen.findByText(/It needs a name/);
  expect(screen.getByText(/at least one phase/)).toBeTruthy();
  expect(screen.getByText(/a sentence about it/)).toBeTruthy();
});

test('a name that is taken is refused, and another is not', async () => {
  const { user } = await open();
  await user.click(await screen.findByLabelText('Name'));
  await user.paste('lift');
  await screen.findByText(/already a movement of that name/);
  await user.paste('ing slowly');
  await waitFor(() => expect(screen.queryByText(/already a movement of that name/)).toBeNull());
});

test('a phase is written on one line: it is said how it was understood, then it stands in the strip, and undo takes it back', async () => {
  const { user } = await open();
  await user.click(await screen.findByLabelText('Write a phase and press Enter'));
  await user.paste('in knees 20 wobbly: Rise');
  expect(screen.getByText(/knees 20/).textContent).toMatch(/“Rise”.*not understood: wobbly/);
  await user.keyboard('{Enter}');
  await waitFor(() => expect(screen.queryByText(/at least one phase/)).toBeNull());
  expect(screen.getAllByText(/Rise/).length).toBeGreaterThan(0);
  await user.keyboard('{Control>}z{/Control}');
  await screen.findByText(/at least one phase/);
});

/** Leads to another movement, as a link does. */
function To({ name }: { readonly name: string }) {
  const navigate = useNavigate();
  return (
    <button type="button" onClick={() => navigate(`/?name=${name}`)}>
      to {name}
    </button>
  );
}

test('used twice, the second movement is not the first one’s draft, and the first is picked up where it was left', async () => {
  const { user } = await renderWith(
    <>
      <To name="First" />
      <To name="Second" />
      <EditorPage />
    </>,
  );
  await user.click(screen.getByText('to First'));
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('First'));
  await user.click(screen.getByLabelText('Write a phase and press Enter'));
  await user.paste('in knees 20: Rise');
  await user.keyboard('{Enter}');
  await waitFor(() => expect(screen.getAllByText(/Rise/).length).toBeGreaterThan(0));
  await user.click(screen.getByText('to Second'));
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Second'));
  expect(screen.queryByText(/Rise/)).toBeNull();
  expect(screen.queryByText(/Picked up where you left it/)).toBeNull();
  expect(keptMovements.find('new.Second')).toBeNull();
  await user.click(screen.getByText('to First'));
  await screen.findByText(/Picked up where you left it/);
  expect(screen.getAllByText(/Rise/).length).toBeGreaterThan(0);
});
