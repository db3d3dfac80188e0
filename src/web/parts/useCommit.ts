import { useEffect, useRef, useState } from 'react';
import { problemWords } from '../api.ts';

/**
 * Text that is stored when its field is left or on Enter. A rejection or a thrown error is said and the text stays; Escape takes the
 * text back.
 */
export function useCommit(value: string, onCommit: (text: string) => Promise<unknown> | unknown) {
  const [text, setText] = useState(value);
  const [error, setError] = useState('');
  const stored = useRef(value);
  /** What was handed on last: Enter and then leaving the field is one change, not two. */
  const handed = useRef<string | null>(null);
  useEffect(() => {
    if (stored.current !== value) {
      stored.current = value;
      handed.current = null;
      setText(value);
      setError('');
    }
  }, [value]);
  const commit = async () => {
    if (text === stored.current) return setError('');
    if (text === handed.current) return;
    handed.current = text;
    try {
      await onCommit(text);
      setError('');
    } catch (problem) {
      handed.current = null;
      setError(problemWords(problem));
    }
  };
  const onKeyDown = (e: React.KeyboardEvent) => {
    if (e.key === 'Enter') void commit();
    if (e.key === 'Escape') {
      setText(stored.current);
      handed.current = null;
      setError('');
    }
  };
  return { text, setText, error, commit, onKeyDown };
}
