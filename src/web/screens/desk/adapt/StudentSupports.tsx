import { useQueryClient } from '@tanstack/react-query';
import { wholeName } from '../../../../core/model/names.ts';
import type { Student } from '../../../../core/model/student.ts';
import type { Desk } from '../../../api.ts';
import { ChoiceField } from '../../../parts/CommitField.tsx';
import { SupportsEditor } from '../../../parts/SupportsEditor.tsx';
import { saveRecord } from '../../../parts/saveRecord.ts';

/** What one student of the class needs, edited beside the plans; anyone of the class may be chosen. */
export function StudentSupports({
  desk,
  student: id,
  onStudent,
}: {
  desk: Desk;
  student: string | null;
  onStudent(id: string | null): void;
}) {
  const client = useQueryClient();
  const student = desk.students.find((s) => s.id === id);
  const own = desk.ratings.find((r) => r.studentId === id);
  const sorted = [...desk.students].sort((a, b) => (a.givenName < b.givenName ? -1 : 1));
  return (
    <div className="flex flex-col gap-2">
      <ChoiceField
        label="Supports of"
        value={id ?? ''}
        options={[['', 'choose a student …'] as const, ...sorted.map((s) => [s.id as string, wholeName(s, desk.students)] as const)]}
        onPick={(next) => onStudent(next || null)}
      />
      {student && (
        <section aria-label={`Supports of ${wholeName(student, desk.students)}`} className="border-[1.5px] border-ink p-3">
          <SupportsEditor
            key={student.id}
            name={wholeName(student, desk.students)}
            known={own ?? { supports: [] }}
            save={async (change) => {
              await saveRecord<Student & typeof change>(`/classes/${student.classId}/students/${student.id}`, student, change);
              await client.invalidateQueries({ queryKey: ['desk'] });
            }}
          />
          <button type="button" className="btn mt-2" onClick={() => onStudent(null)}>
            Show the plan
          </button>
        </section>
      )}
    </div>
  );
}
