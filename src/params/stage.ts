import { STAGES, type StageId } from '../lib/ui/shell/stages';

export const match = (value: string): value is StageId => STAGES.some((s) => s.id === value);
