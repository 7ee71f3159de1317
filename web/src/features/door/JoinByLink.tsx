import { zodResolver } from '@hookform/resolvers/zod';
import { counted, memberNameSchema, passphraseSchema, roleNames } from '@yellow-ledger/core';
import { useEffect, useState } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { askClub } from '../../data/club/askClub';
import { PageTitle } from '../../kit/PageHead';
import { RadioGroup } from '../../kit/RadioGroup';
import { TextField } from '../../kit/field/TextField';
import { cameInSchema, deviceName, goIn } from './comingIn';
import { ComeIn } from './ComeIn';
import { CodeField } from './CodeField';
import { useCodeAsked } from './codeAsked';
import { DoorForm } from './DoorForm';
import { PassphraseField } from './PassphraseField';

const linkSchema = z.object({
  role: z.enum(roleNames),
  /** of who sets a new passphrase; null for who joins */
  name: z.string().nullable(),
  /** whether they have turned on one-time codes */
  needsCode: z.boolean().default(false),
  /** what the ledger holds, told to who makes a club of it */
  holds: z.record(z.string(), z.number()).optional(),
});
type Link = z.infer<typeof linkSchema>;

const joinSchema = z.object({
  name: memberNameSchema,
  passphrase: passphraseSchema,
  code: z.string(),
});

const goHome = () => void goIn('/');

/** Joining a club by a link that somebody was given. */
export function JoinByLink({ token, onIn = goHome }: { token: string; onIn?: () => void }) {
  const [link, setLink] = useState<Link | string | null>(null);
  useEffect(() => {
    void askClub('/link', linkSchema, { method: 'POST', body: { token } }).then((answer) =>
      setLink('data' in answer ? answer.data : answer.error.message),
    );
  }, [token]);
  if (link === null) return <p>Looking at the link …</p>;
  if (typeof link === 'string')
    return (
      <>
        <p role="alert">
          <b>{link}</b>
        </p>
        <ComeIn onIn={onIn} />
      </>
    );
  return <Join link={link} token={token} onIn={onIn} />;
}

function Join({ link, token, onIn }: { link: Link; token: string; onIn: () => void }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [ledgerIs, setLedgerIs] = useState<'mine' | 'club'>('mine');
  const form = useForm({
    defaultValues: { name: link.name ?? '', passphrase: '', code: '' },
    resolver: zodResolver(joinSchema),
  });
  const { needsCode, withCode, lookAt } = useCodeAsked(link.needsCode);
  const join = async (typed: z.infer<typeof joinSchema>) => {
    const answer = await askClub('/join', cameInSchema, {
      method: 'POST',
      body: { ...withCode(typed), token, device: deviceName(), ...(link.holds && { ledgerIs }) },
    });
    if ('data' in answer) onIn();
    else setProblem(lookAt(answer.error));
  };
  const isKnown = link.name !== null;
  const held = heldWords(link.holds ?? {});
  return (
    <>
      <PageTitle>Join the club</PageTitle>
      <h1>{isKnown ? `A new passphrase for ${link.name}` : 'Join the club'}</h1>
      <p>{isKnown ? 'Devices you were in on go out with the old one.' : welcome[link.role]}</p>
      <DoorForm
        form={form}
        onSubmit={join}
        does={isKnown ? 'Set it and log in' : 'Join'}
        problem={problem}
      >
        {!isKnown && <TextField name="name" label="Name the others know you by" isFirst />}
        <PassphraseField isNew />
        {needsCode && <CodeField />}
        {held && (
          <div>
            <p>The ledger holds {held}. In the club that is to be</p>
            <RadioGroup
              label="Whose the ledger is"
              options={[
                { value: 'mine', name: 'mine, until I share it' },
                { value: 'club', name: 'the club’s' },
              ]}
              chosen={ledgerIs}
              onChoose={setLedgerIs}
            />
          </div>
        )}
      </DoorForm>
      <p className="quiet">
        The link works once. Nobody but you knows the passphrase, not even the manager.
      </p>
    </>
  );
}

const welcome: Record<Link['role'], string> = {
  keeper: 'You manage the club: you let people in, and approve club recipes.',
  painter: 'You paint: what is yours is yours alone until you share it.',
  guest: 'You look at what the club shows.',
};

/** @example '18 recipes, 1 army'; '' where there is nothing */
const heldWords = ({ recipes = 0, pots = 0, armies = 0 }: Record<string, number>): string =>
  [
    recipes > 0 && counted(recipes, 'recipe'),
    pots > 0 && counted(pots, 'pot'),
    armies > 0 && counted(armies, 'army', 'armies'),
  ]
    .filter(Boolean)
    .join(', ');
