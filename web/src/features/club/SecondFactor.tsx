import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { ReasonButton } from '../../kit/ReasonButton';
import { asProblem } from '../../data/ask';
import {
  usePrepareSecondFactorMutation,
  useRenewRecoveryCodesMutation,
  useSecondFactorQuery,
  useTurnOffSecondFactorMutation,
  useTurnOnSecondFactorMutation,
} from '../../data/club/secondFactorApi';
import { ActionBar } from '../../kit/ActionBar';
import { Problem } from '../../kit/Problem';
import { RecoveryCodes } from './RecoveryCodes';

/** One-time codes at logging in: turning them on and off. */
export function SecondFactor() {
  const { data: state, error } = useSecondFactorQuery();
  const [recoveryCodes, setRecoveryCodes] = useState<readonly string[] | null>(null);
  return (
    <section aria-labelledby="second-factor-head">
      <h2 id="second-factor-head">One-time codes</h2>
      {error && <Problem>{asProblem(error).message}</Problem>}
      {recoveryCodes && (
        <RecoveryCodes codes={recoveryCodes} onKept={() => setRecoveryCodes(null)} />
      )}
      {state &&
        (state.isOn ? (
          <IsOn left={state.recoveryCodesLeft} onCodes={setRecoveryCodes} />
        ) : (
          <IsOff onCodes={setRecoveryCodes} />
        ))}
    </section>
  );
}

interface WithCodes {
  onCodes: (codes: readonly string[]) => void;
}

function IsOff({ onCodes }: WithCodes) {
  const [prepare, { data: prepared, error }] = usePrepareSecondFactorMutation();
  const [turnOn, { error: wrong, isLoading }] = useTurnOnSecondFactorMutation();
  const problem = wrong ?? error;
  return (
    <>
      <p>
        Off. Turned on, logging in asks for a code from an authenticator app on your phone, beside
        your passphrase. Worth it for whoever manages the club.
      </p>
      {!prepared && (
        <Button variant="outline" onClick={() => void prepare()}>
          Turn on one-time codes …
        </Button>
      )}
      {prepared && (
        <div className="invitation opened">
          <QRCodeSVG
            value={prepared.address}
            size={176}
            marginSize={2}
            title="The key, for the camera of an authenticator app"
          />
          <div className="stacked">
            <p>Point an authenticator app at the picture, or type this key into it:</p>
            <Form.Control
              size="sm"
              readOnly
              aria-label="The key"
              value={prepared.secret}
              onFocus={(event) => event.target.select()}
            />
            <CodeForm
              does="Turn on"
              isBusy={isLoading}
              onCode={async (code) => {
                const answer = await turnOn(code);
                if (answer.data) onCodes(answer.data.recoveryCodes);
              }}
            />
          </div>
        </div>
      )}
      {problem && <Problem>{asProblem(problem).message}</Problem>}
    </>
  );
}

function IsOn({ left, onCodes }: WithCodes & { left: number }) {
  const [asked, setAsked] = useState<'renew' | 'off' | null>(null);
  const [renew, { error: unrenewed, isLoading: isRenewing }] = useRenewRecoveryCodesMutation();
  const [turnOff, { error: stillOn, isLoading: isTurningOff }] = useTurnOffSecondFactorMutation();
  const problem = asked === 'off' ? stillOn : unrenewed;
  const withCode = async (code: string) => {
    const { data } = asked === 'off' ? await turnOff(code) : await renew(code);
    if (!data) return;
    setAsked(null);
    if ('recoveryCodes' in data) onCodes(data.recoveryCodes);
  };
  return (
    <>
      <p>
        On: logging in asks for a code from your authenticator app.{' '}
        {left === 0 ? 'No recovery codes are left.' : `Recovery codes left: ${left}.`}
      </p>
      <ActionBar className="club-deeds">
        <Button variant="outline" onClick={() => setAsked('renew')}>
          New recovery codes …
        </Button>
        <Button variant="outline" onClick={() => setAsked('off')}>
          Turn off …
        </Button>
      </ActionBar>
      {asked && (
        <CodeForm
          key={asked}
          does={asked === 'off' ? 'Turn off' : 'Make new recovery codes'}
          isBusy={isRenewing || isTurningOff}
          onCode={withCode}
        />
      )}
      {asked && problem && <Problem>{asProblem(problem).message}</Problem>}
    </>
  );
}

interface CodeFormProps {
  does: string;
  isBusy: boolean;
  onCode: (code: string) => Promise<void>;
}

function CodeForm({ does, isBusy, onCode }: CodeFormProps) {
  const [code, setCode] = useState('');
  return (
    <Form
      className="flow"
      onSubmit={(event) => {
        event.preventDefault();
        void onCode(code);
      }}
    >
      <Form.Label htmlFor="own-code">Code the app shows now</Form.Label>
      <Form.Control
        size="sm"
        id="own-code"
        autoComplete="one-time-code"
        spellCheck={false}
        value={code}
        onChange={({ target }) => setCode(target.value)}
      />
      <ReasonButton
        type="submit"
        variant="next"
        isBusy={isBusy}
        why={code.trim() === '' ? 'Type the code first.' : null}
      >
        {does}
      </ReasonButton>
    </Form>
  );
}
