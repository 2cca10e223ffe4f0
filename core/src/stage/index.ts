export type { Fields } from './fields.js';
export {
  row,
  stage,
  without,
  type AnyStage,
  type Derives,
  type Ground,
  type Line,
  type OwnerId,
  type Parts,
  type Row,
  type Stage,
  type StageId,
  type Summary,
} from './stage.js';
