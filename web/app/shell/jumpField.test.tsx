import { act, fireEvent, render, screen } from '@testing-library/react';
import { renderWith } from '../../testing/renderDesk';
import { EarlyJumpField, takenOver, typedSoFar } from './EarlyJumpField';
import { JumpField } from './JumpField';

/** The field that finds anything is there at once; what is typed before it can look is not lost. */

afterEach(takenOver);

test('what is typed after the key is kept until the field is there to look for it', () => {
  render(<EarlyJumpField />);
  act(() => {
    fireEvent.keyDown(document.body, { key: '/', code: 'Slash' });
    fireEvent.keyUp(document.body, { key: '/', code: 'Slash' });
  });
  const field = screen.getByLabelText<HTMLInputElement>(/Find a movement/);
  expect(document.activeElement).toBe(field);
  fireEvent.change(field, { target: { value: 'six of' } });
  expect(typedSoFar()).toBe('six of');
  takenOver();
  expect(typedSoFar()).toBeNull();
});

test('whoever leaves it again looks for nothing', () => {
  render(<EarlyJumpField />);
  const field = screen.getByLabelText(/Find a movement/);
  act(() => field.focus());
  fireEvent.change(field, { target: { value: 'cl' } });
  act(() => field.blur());
  expect(typedSoFar()).toBeNull();
});

test('when the field that looks comes, it has what was typed and the keyboard in the same breath, and goes on', async () => {
  const { rerender, user } = await renderWith(<EarlyJumpField />);
  const early = screen.getByLabelText(/Find a movement/);
  act(() => early.focus());
  fireEvent.change(early, { target: { value: 'six o' } });
  rerender(<JumpField />);
  const field = screen.getByRole<HTMLInputElement>('combobox');
  expect(document.activeElement).toBe(field);
  expect(field.value).toBe('six o');
  await user.keyboard('f');
  expect(field.value).toBe('six of');
});
