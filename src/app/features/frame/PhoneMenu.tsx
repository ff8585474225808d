import { useLocation, useNavigate } from 'react-router';
import { DropMenu, MenuRow } from '../../theme/DropMenu';
import { t } from '../../texts';

const VIEWS: readonly (readonly [path: string, name: string])[] = [
  ['', 'Script'],
  ['/walls', 'Walls'],
  ['/floor', 'Floor'],
  ['/music', 'Music'],
  ['/lesson', 'Lesson'],
  ['/practice', 'Practice'],
  ['/sheet', 'Sheet'],
  ['/level', 'Level'],
  ['/revisions', 'Revisions'],
];

/** The views of the dance and the rest of the slate in one menu, named after the view that is shown. */
export default function PhoneMenu({
  id,
  search,
  light,
  onLight,
  onKeys,
}: {
  id: string;
  search: string;
  /** What the light would be changed to. */
  light: string;
  onLight: () => void;
  onKeys: () => void;
}) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const shown = VIEWS.find(([path]) => pathname === `/dance/${id}${path}`)?.[1] ?? 'Script';
  return (
    <DropMenu
      label={t(shown)}
      button={{ variant: 'bar', size: 'small' }}
      width="11rem"
      onSelect={(value) => {
        if (value === 'light') onLight();
        else if (value === 'keys') onKeys();
        else void navigate(value);
      }}
    >
      {VIEWS.map(([path, name]) => (
        // The whole sheet, whichever wall was looked at.
        <MenuRow
          key={path}
          tall
          value={`/dance/${id}${path}${path === '/sheet' || path === '/revisions' ? '' : search}`}
        >
          {t(name)}
        </MenuRow>
      ))}
      <MenuRow tall value="/classes">
        {t('Classes')}
      </MenuRow>
      <MenuRow tall value="/figures">
        {t('Figures')}
      </MenuRow>
      <MenuRow tall value="/about">
        {t('About')}
      </MenuRow>
      <MenuRow tall value="light">
        {light}
      </MenuRow>
      <MenuRow tall value="keys">
        {t('Keys')}
      </MenuRow>
    </DropMenu>
  );
}
