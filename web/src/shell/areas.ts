import Book from '@mui/icons-material/AutoStoriesOutlined';
import Card from '@mui/icons-material/BadgeOutlined';
import Rule from '@mui/icons-material/RuleOutlined';
import DeskIcon from '@mui/icons-material/DesktopWindowsOutlined';
import Report from '@mui/icons-material/SummarizeOutlined';

/** The areas in the order of the working day; the digit is the place in the full day, so that it never changes. */
export const AREAS = [
  { key: 'desk', path: '/desk', digit: 1, Icon: DeskIcon, permission: 'catalogue.view' },
  { key: 'catalogue', path: '/catalogue', digit: 4, Icon: Book, permission: 'catalogue.view' },
  { key: 'patrons', path: '/patrons', digit: 5, Icon: Card, permission: 'patrons.view' },
  { key: 'reports', path: '/reports', digit: 8, Icon: Report, permission: 'journal.view' },
  { key: 'house', path: '/house', digit: 9, Icon: Rule, permission: 'house.view' },
] as const;

export type AreaKey = (typeof AREAS)[number]['key'];

/** Pages within the areas that can be gone to by their names. */
export const PARTS = [
  { key: 'headings', path: '/catalogue/headings', permission: 'catalogue.view' },
  { key: 'shelf', path: '/catalogue/shelf', permission: 'catalogue.view' },
  { key: 'new', path: '/catalogue/new', permission: 'catalogue.edit' },
  { key: 'sources', path: '/catalogue/sources', permission: 'catalogue.edit' },
  { key: 'files', path: '/catalogue/files', permission: 'catalogue.take-in' },
  { key: 'labels', path: '/catalogue/labels', permission: 'items.edit' },
  { key: 'ruleBook', path: '/house/rule-book', permission: 'house.view' },
] as const;
