import { App, Button } from 'antd';
import { PRESSES, type StandInName } from '../../../core/formats/devices';
import { SOUNDS } from '../../../core/record/running/soundsBetween';
import { deviceApi } from '../../app/server/deviceApi';
import { whyRefused } from '../../app/server/problemIn';

const WORDS: Readonly<
  Record<StandInName, { readonly title: string; readonly about: string; readonly command: string }>
> = {
  'page-turner': {
    title: 'Page-turner',
    about: 'three keys: next, stay, shorten',
    command: 'npm run page-turner',
  },
  'hall-bell': { title: 'Hall bell', about: 'hears what the class comes to', command: 'npm run hall-bell' },
};

/** Small programs that stand in for devices, started and stopped here, with a picture of what they send. */
export function Devices() {
  const { data: devices = [], refetch } = deviceApi.useDevicesQuery();
  const [turn, { isLoading }] = deviceApi.useTurnDeviceMutation();
  const { message } = App.useApp();
  const change = async (name: StandInName, isOn: boolean) => {
    try {
      await turn({ name, isOn }).unwrap();
    } catch (error) {
      message.error(whyRefused(error));
    }
    void refetch();
  };
  return (
    <section aria-labelledby="settings-devices">
      <h2 id="settings-devices">Devices in the hall</h2>
      <p>
        Any page-turner that sends the keys of a keyboard works as it is: right, left, space. These programs stand in
        for devices that speak to Vesperum itself; while teaching, say under More that devices are heard.
      </p>
      <svg
        viewBox="0 0 560 96"
        className="settings-wires"
        role="img"
        aria-label="A page-turner sends presses to the class; the class sends sounds to the hall bell"
      >
        <g fill="none" stroke="currentColor">
          <rect x="1" y="28" width="120" height="40" rx="4" />
          <rect x="220" y="28" width="120" height="40" rx="4" />
          <rect x="439" y="28" width="120" height="40" rx="4" />
          <path d="M121 48h92m-8-5 8 5-8 5M340 48h92m-8-5 8 5-8 5" />
        </g>
        <g fill="currentColor" fontSize="13" textAnchor="middle">
          <text x="61" y="53">
            page-turner
          </text>
          <text x="280" y="53">
            class
          </text>
          <text x="499" y="53">
            hall bell
          </text>
          <text x="170" y="20">{`{"press":"${PRESSES[0]}"}`}</text>
          <text x="390" y="20">{`{"sound":"${SOUNDS[3]}"}`}</text>
          <text x="170" y="88">
            {PRESSES.join(', ')}
          </text>
          <text x="390" y="88">
            {SOUNDS.join(', ')}
          </text>
        </g>
      </svg>
      <ul className="settings-backups">
        {devices.map(({ name, address }) => (
          <li key={name}>
            <span>
              {WORDS[name].title}, {WORDS[name].about}. <code>{WORDS[name].command}</code>
            </span>
            <span>
              {address && (
                <a href={address} target="_blank" rel="noreferrer">
                  Its page
                </a>
              )}
            </span>
            <Button size="small" loading={isLoading} onClick={() => void change(name, address === null)}>
              {address === null
                ? `Start the ${WORDS[name].title.toLowerCase()}`
                : `Stop the ${WORDS[name].title.toLowerCase()}`}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
