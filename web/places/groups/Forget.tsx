import { Alert, Button, Modal } from 'antd';
import { useState } from 'react';
import type { Mention } from '../../../core/formats/api/peopleApi';
import type { Person } from '../../../core/group/person';
import { api } from '../../app/server/api';
import { keepingApi } from '../../app/server/keepingApi';
import { forgetAnswers } from '../../app/server/keptAnswer';
import { whyRefused } from '../../app/server/problemIn';
import { mentionsHere } from './mentionsHere';

interface Props {
  readonly person: Person;
  readonly onClose: () => void;
}

const WHERE: Readonly<Record<Mention['where'], string>> = {
  group: 'The group',
  class: 'The class',
  record: 'The record of',
  course: 'The course',
  hall: 'The hall',
  'saved lines': 'The saved lines',
  movement: 'Your movement',
  'own words': 'Your cues for',
  'point left as it is': 'Why a point was left as it is:',
  practice: 'Your own practice',
  backup: 'The backup',
};

/** Forgets somebody, and says where their name still stands in words; backups that hold it can be deleted from here. */
export function Forget({ person, onClose }: Props) {
  const [forget, { isLoading }] = api.useForgetPersonMutation();
  const [deleteBackup] = keepingApi.useDeleteBackupMutation();
  const [mentions, setMentions] = useState<readonly Mention[] | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const orSay = async (act: () => Promise<void>) => {
    try {
      await act();
    } catch (error) {
      setFailure(whyRefused(error));
    }
  };
  const here = mentions === null ? [] : mentionsHere(person.called);
  const backups = mentions?.filter(({ where }) => where === 'backup') ?? [];
  return (
    <Modal
      open
      title={mentions === null ? `Forget ${person.called}?` : 'Forgotten'}
      onCancel={onClose}
      footer={
        mentions === null
          ? [
              <Button key="keep" autoFocus onClick={onClose}>
                Keep
              </Button>,
              <Button
                key="forget"
                danger
                loading={isLoading}
                onClick={() =>
                  void orSay(async () => {
                    setMentions(await forget(person.id).unwrap());
                    await forgetAnswers();
                  })
                }
              >
                Forget
              </Button>,
            ]
          : [
              backups.length > 0 && (
                <Button
                  key="backups"
                  danger
                  onClick={() =>
                    void orSay(async () => {
                      for (const { name } of backups) await deleteBackup(name).unwrap();
                      setMentions(mentions.filter(({ where }) => where !== 'backup'));
                    })
                  }
                >
                  Delete {backups.length === 1 ? 'that backup' : `those ${backups.length} backups`}
                </Button>
              ),
              <Button key="close" onClick={onClose}>
                Close
              </Button>,
            ]
      }
    >
      {failure !== null && <Alert type="error" showIcon role="alert" title={failure} />}
      {mentions === null && (
        <p>
          The name and who they were in which class go, without a way back. The numbers of those who came stay. Somebody
          who only comes no more need not be forgotten.
        </p>
      )}
      {mentions !== null && mentions.length + here.length === 0 && <p>Vesperum finds the name nowhere else.</p>}
      {mentions !== null && mentions.length + here.length > 0 && (
        <>
          <p>
            The name still stands here. What somebody wrote in words can be changed there; a backup keeps all it has.
          </p>
          <ul>
            {mentions.map(({ where, name }) => (
              <li key={`${where} ${name}`}>
                {WHERE[where]} “{name}”
              </li>
            ))}
            {here.map((words) => (
              <li key={words}>In this browser: {words}</li>
            ))}
          </ul>
        </>
      )}
      {mentions !== null && (
        <p>
          Look also where Vesperum can’t: printed pages, files you saved or sent, calendars, other devices that open
          this house.
        </p>
      )}
    </Modal>
  );
}
