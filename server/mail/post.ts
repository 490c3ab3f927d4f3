import { createTransport } from 'nodemailer';
import type { MailConfig } from '../process/config';
import type { Letter } from './letter';
import { keepLetter } from './mailbox';

/** Letters to people, by the mail service that whoever runs the server has named, or into the simulated mailbox. */

/** So long a mail service may take to answer. */
const ANSWER_MS = 15_000;

/** Rejects where the mail service does not take it. */
export async function post(letter: Letter, mail: MailConfig): Promise<void> {
  if (mail.by === 'simulated') keepLetter(letter);
  if (mail.by !== 'smtp') return;
  const transport = createTransport({
    url: mail.url,
    connectionTimeout: ANSWER_MS,
    greetingTimeout: ANSWER_MS,
    socketTimeout: ANSWER_MS,
  });
  try {
    await transport.sendMail({ from: { name: 'Early Thaw', address: mail.from }, ...letter });
  } finally {
    transport.close();
  }
}
