import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, asProblem } from '../api/client';
import { isHouseLabel, useScanner } from './useScanner';

/** What a label of this house carries: the kind of thing, and which one. */
const OURS = /^(?:\][A-Z]\d)?sectum:(pack|treating|batch|tub):([0-9A-HJKMNP-TV-Z]{26})$/i;

type Kind = 'pack' | 'treating' | 'batch' | 'tub';

/** Scanned on any screen, a label of the house opens its thing; one of another house is told. */
export function useHouseLabels(): string {
  const navigate = useNavigate();
  const [said, setSaid] = useState('');
  const open = api.useMutation('get', '/hold/labels/{kind}/{thing}', {
    onSuccess: (found) => {
      setSaid('');
      navigate(found.to);
    },
    onError: (error) => setSaid(asProblem(error).detail ?? ''),
  });
  useScanner((text) => {
    const [, kind, thing] = OURS.exec(text) ?? [];
    if (kind && thing) {
      open.mutate({ params: { path: { kind: kind.toLowerCase() as Kind, thing } } });
    }
  }, isHouseLabel);
  return said;
}
