import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem } from '../api/client';
import { usePut } from '../ui/usePut';
import type { Skill } from './drill';

/** Draws a drill and opens it at its address. */
export function useDraw() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const put = usePut('practise/draw', '/practise/drills/{drill}', {
    onSuccess: (drill) => {
      const path = { skill: drill.skill, seed: drill.seed };
      queries.setQueryData(
        api.queryOptions('get', '/practise/{skill}/{seed}', { params: { path, query: {} } }).queryKey,
        drill,
      );
      navigate(`/practise/${drill.skill}/${drill.seed}`);
    },
  });
  return {
    draw: (what: { skill: Skill; subject?: string; seed?: string }) =>
      put.mutate({ params: { path: { drill: ulid() } }, body: what }),
    pending: put.isPending,
    fault: put.error ? asProblem(put.error).detail : undefined,
  };
}
