import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import type { Edit } from '../../../core/model/edit.ts';
import { EDIT_VERSION } from '../../../core/model/editVersion.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { call, type Desk, freshId } from '../../api.ts';

interface LessonEdit {
  /** What a lesson is called if the period has none yet. */
  title: string;
  /** What it is undone by. */
  name: string;
  edit(lesson: Lesson): Edit;
}

/** Edits the lesson of a period, made if there is none, and goes to the desk, where that is undone by its name. */
export function useLessonEdit({ period, lesson }: Pick<Desk, 'period' | 'lesson'>) {
  const client = useQueryClient();
  const navigate = useNavigate();
  return useMutation({
    async mutationFn({ title, name, edit }: LessonEdit) {
      const own = lesson ?? (await call<Desk>('POST', `/periods/${period.id}/lesson`, { title })).lesson!;
      return call('POST', `/lessons/${own.id}/edits`, {
        ...{ id: freshId('e'), edit: edit(own), name, revision: own.revision, version: EDIT_VERSION },
      });
    },
    onSuccess() {
      for (const key of [['desk', period.id], ['edits'], ['day']]) void client.invalidateQueries({ queryKey: key });
      navigate(`/desk/${period.id}`);
    },
  });
}
