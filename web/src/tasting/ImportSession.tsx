import { SessionFile } from '@rotula/core';
import { useNavigate } from 'react-router';
import { mutate } from 'swr';
import { api } from '../api/client';
import { TakeFile } from '../frame/TakeFile';
import { say } from '../language/say';

/** Bring a session in from its file. */
export function ImportSession() {
  const navigate = useNavigate();
  return (
    <TakeFile
      label={say`Tasting file`}
      name={say`Bring in a tasting file`}
      notJson={(name) => say`${name} is not JSON. Choose a tasting file that Rotula saved.`}
      schema={async () => SessionFile}
      onTake={async ({ session }) => {
        const made = await api.createTasting(session);
        await mutate('tastings');
        void navigate(`/tastings/${made.id}`);
      }}
    />
  );
}
