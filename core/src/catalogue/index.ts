export {
  belongsTo,
  potsDrawnBy,
  recordName,
  resourceNames,
  resources,
  type AnyRecord,
  type ContentOf,
  kinds,
  type ResourceName,
} from './catalogue';
export { actions, type Action } from './grants';
export { kindNames, type KindName, type RecordHolder } from './kind';
export { referencesOf, veiled, withReferences, type Reference } from './references';
export { matters, may, rights, type PermissionSubject } from './rights';
