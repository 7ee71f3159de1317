import { useEffect, useState } from 'react';
import { z } from 'zod';
import { askClub } from '../../data/club/askClub';
import { PageTitle } from '../../kit/PageHead';
import './door.scss';

const trustSchema = z.object({ fingerprint: z.string().nullable() });

/** How a phone comes to trust a certificate that was made by the ledger itself. */
export default function TrustPage() {
  const [fingerprint, setFingerprint] = useState<string | null | undefined>();
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    void askClub('/trust', trustSchema).then((answer) => {
      if ('data' in answer) setFingerprint(answer.data.fingerprint);
      else setProblem(answer.error.message);
    });
  }, []);
  return (
    <div className="page door">
      <PageTitle>Trusting this club</PageTitle>
      <h1>Trusting this club</h1>
      {problem && <p role="alert">{problem}</p>}
      {fingerprint === null && (
        <p>
          The certificate of this club was not made by the ledger. Where a phone does not trust it,
          ask whoever set it up.
        </p>
      )}
      {fingerprint && (
        <>
          <p>
            What you send goes encrypted, under a certificate that the ledger has made itself. Your
            phone does not know it yet and warns you. Tell it once, and the screen can stay awake at
            the bench and the ledger can be installed.
          </p>
          <ol>
            <li>
              <a href="/api/club/trust/root.crt" download>
                Save the certificate
              </a>{' '}
              on this device.
            </li>
            <li>
              Android: Settings, search for “CA certificate”, install it from the file. The phone
              warns you that others could read along: whoever has the key could, and that lies on
              the club’s machine alone.
            </li>
            <li>
              iPhone and iPad: open the file, then Settings, “Profile downloaded”, install. Then
              General, About, Certificate Trust Settings: turn it on there.
            </li>
            <li>
              A computer: import it in the settings of the browser, as an authority for web sites.
            </li>
            <li>
              Before you do, compare what the device shows with what stands here and on the console
              of the club’s machine, sign by sign:
            </li>
          </ol>
          <p>
            SHA-256 <b className="fingerprint">{fingerprint.replaceAll(':', ' ')}</b>
          </p>
          <p className="quiet">
            Do this only for a club you know. When you leave it, remove the certificate again where
            you put it in.
          </p>
        </>
      )}
      <p>
        <a href="/">To the ledger</a>
      </p>
    </div>
  );
}
