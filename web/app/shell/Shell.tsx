import { MoonOutlined, SunOutlined } from '@ant-design/icons';
import { Button, Tooltip } from 'antd';
import { useSelector } from 'react-redux';
import { NavLink, Outlet } from 'react-router';
import { useNamedPlaces } from '../place';
import type { State } from '../store';
import { EarlyJumpField } from './EarlyJumpField';
import { FirstNote } from './FirstNote';
import { useLight } from './LightContext';
import { lazyPart } from './lazyPart';
import './shell.css';

/** What finds anything is fetched once the page stands: nobody looks for anything before. */
const JumpField = lazyPart(async () => (await import('./JumpField')).JumpField, {
  what: 'The field that finds anything',
  waiting: <EarlyJumpField />,
  whenIdle: true,
});

/** The slim bar on top and the place below it. */
export function Shell() {
  const { light, change } = useLight();
  const places = useNamedPlaces();
  const isAway = useSelector<State, boolean>(({ server }) => server.isAway);
  const isOther = useSelector<State, boolean>(({ server }) => server.isOther);
  const other = light === 'lamp' ? 'dusk' : 'lamp';
  return (
    <>
      <a className="shell-skip" href="#place">
        To the page
      </a>
      <header className="shell-bar">
        <NavLink to="/" className="shell-mark name" aria-label="Vesperum, to today">
          <img src="/mark.svg" alt="" width="26" height="26" />
          Vesperum
        </NavLink>
        <nav aria-label="Places">
          {places.map(({ path, label }) => (
            <NavLink key={path} to={path} end={path === '/'}>
              {label}
            </NavLink>
          ))}
        </nav>
        <JumpField />
        <Tooltip title={`Change to ${other} light`}>
          <Button
            type="text"
            aria-label={`Change to ${other} light`}
            icon={light === 'lamp' ? <MoonOutlined /> : <SunOutlined />}
            onClick={() => change(other)}
          />
        </Tooltip>
      </header>
      <main id="place" tabIndex={-1}>
        {isAway && (
          <p className="shell-away" role="status">
            The server is away. What stands here is what this machine last had.
          </p>
        )}
        {isOther && (
          <p className="shell-away" role="status">
            Data was brought back from a backup. What stands here is from before.{' '}
            <Button size="small" onClick={() => window.location.reload()}>
              Load this page again
            </Button>
          </p>
        )}
        <Outlet />
      </main>
      <FirstNote />
    </>
  );
}
