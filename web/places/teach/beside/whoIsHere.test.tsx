import { screen } from '@testing-library/react';
import { beginTeaching } from '../../../../core/record/standing/teaching';
import { renderWith } from '../../../testing/renderDesk';
import { type Steering, TeachControls } from '../TeachControls';
import { WhoIsHere } from './WhoIsHere';

const nothing = () => undefined;
const steering: Steering = {
  back: nothing,
  pause: nothing,
  skip: nothing,
  once: nothing,
  slower: nothing,
  faster: nothing,
  end: nothing,
  who: nothing,
  sheet: nothing,
  shorten: nothing,
  mark: nothing,
  more: nothing,
  notTonight: nothing,
};

test('while a newcomer is welcomed, the key that is said to go on is called so on the screen', async () => {
  const teaching = { ...beginTeaching(), walkIns: 1, welcomeMs: 60_000 };
  await renderWith(
    <>
      <WhoIsHere
        groupId={null}
        teaching={teaching}
        onMark={nothing}
        onNewcomer={nothing}
        onNoNewcomer={nothing}
        late={[]}
        lines={null}
        nameOf={String}
        onClose={nothing}
      />
      <TeachControls
        steering={steering}
        teaching={teaching}
        pace={6}
        mirrored={false}
        onMirror={nothing}
        onMute={nothing}
        onLight={nothing}
        onCrib={nothing}
        onFigure={nothing}
      />
    </>,
  );
  const said = screen.getByText(/goes on\./).textContent;
  const [, key = ''] = /minute: (.+) goes on\./.exec(said) ?? [];
  expect(screen.getAllByRole('button', { name: key })).toHaveLength(1);
});
