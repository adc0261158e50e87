import { useNavigate, useRouteError } from 'react-router';
import { Notice } from './Notice';

/** Shown where an address leads nowhere, or a page broke. What was edited is safe: it is kept as it is typed. */
export function Astray() {
  const navigate = useNavigate();
  const broken = useRouteError() instanceof Error;
  return (
    <Notice
      action={
        broken
          ? { label: 'Load this page again', onPress: () => window.location.reload() }
          : { label: 'To today', onPress: () => navigate('/') }
      }
    >
      {broken
        ? 'This page could not be shown. Your work is kept; loading it again usually helps.'
        : 'There is nothing at this address.'}
    </Notice>
  );
}
