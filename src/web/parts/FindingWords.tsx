import type { Speak } from '../../core/formats/speak.ts';
import type { Finding } from '../../core/model/finding.ts';
import { findingWords } from '../../core/words/en.ts';

/** What a finding says. In a file of its own: the words of every format come once there is something to say. */
export default function FindingWords({ finding, speak }: { finding: Finding; speak: Speak }) {
  return <span className="truncate">{findingWords(finding, speak).what}</span>;
}
