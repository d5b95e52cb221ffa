import { useForm } from '@mantine/form';
import { z } from 'zod/mini';
import type { ServiceFault } from '@/contracts/faults';
import type { Result } from '@/core/shared';
import { faultText, fieldFaultText, type FieldFault } from '@/text';
import { useSending } from './useSending';

/**
 * A form whose fields are those of a contract. What the contract refuses is told beside its field, in the house's words, and the first such
 * field is gone to; so is what the service refuses, where `fieldOf` knows the field it is about. Nothing typed is lost.
 */
export function useContractForm<Values extends Record<string, unknown>>(
  contract: z.ZodMiniType<Values>,
  initialValues: Values,
  fieldOf: Partial<Record<ServiceFault['code'], keyof Values & string>> = {},
) {
  const form = useForm<Values>({ initialValues, validate: (values) => listFieldFaults(contract, values) });
  const focus = (field: string | undefined) =>
    field === undefined ? undefined : form.getInputNode(field)?.focus();
  const { send, ...sending } = useSending({
    refuse(fault) {
      const field = fieldOf[fault.code];
      if (field === undefined) return false;
      form.setFieldError(field, faultText(fault));
      focus(field);
      return true;
    },
  });
  return {
    ...sending,
    fields: form,
    /** For a form's `onSubmit`. */
    onSend: <Value>(
      work: (values: Values) => Promise<Result<Value, ServiceFault>>,
      onDone: (value: Value, values: Values) => void,
      onStart?: () => void,
    ) =>
      form.onSubmit(
        (values) => {
          onStart?.();
          void send(() => work(values)).then((sent) => {
            if (sent !== undefined) onDone(sent.value, values);
          });
        },
        (faults) => focus(Object.keys(faults)[0]),
      ),
  };
}

/** What a contract has against each field, in words; of several things the first. */
function listFieldFaults(
  contract: z.ZodMiniType,
  values: Readonly<Record<string, unknown>>,
): Record<string, string> {
  const parsed = z.safeParse(contract, values);
  if (parsed.success) return {};
  const faults: Record<string, string> = {};
  for (const issue of parsed.error.issues) {
    const field = String(issue.path[0]);
    faults[field] ??= fieldFaultText(toFieldFault(issue, values[field] === ''));
  }
  return faults;
}

function toFieldFault(issue: z.core.$ZodIssue, isEmpty: boolean): FieldFault {
  switch (issue.code) {
    case 'too_small': {
      const least = Number(issue.minimum);
      if (issue.origin === 'array') return { code: 'choose-one' };
      if (issue.origin !== 'string') return { code: 'too-small', least };
      return least > 1 ? { code: 'too-short', least } : { code: 'empty' };
    }
    case 'too_big': {
      const most = Number(issue.maximum);
      return issue.origin === 'string' ? { code: 'too-long', most } : { code: 'too-large', most };
    }
    case 'invalid_format':
      if (issue.format === 'date') return { code: 'no-day' };
      return { code: isEmpty ? 'empty' : 'not-readable' };
    default:
      return { code: 'not-readable' };
  }
}
