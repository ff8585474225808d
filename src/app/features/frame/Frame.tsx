import { Box, chakra, Flex } from '@chakra-ui/react';
import { ChevronLeft, Keyboard, Moon, Sun, SunMoon } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { NavLink, Outlet, useLocation } from 'react-router';
import { THEMES, chooseTheme, useTheme, type ThemeChoice } from '../../theme/theme-choice';
import { FrameTruth, useFrameSlot, type FrameSlot } from './slot';
import { useMedia } from './use-media';
import { Button } from '../../theme/Button';
import { t } from '../../texts';
import { IS_NARROW, MEDIUM, PHONE, WIDE } from '../../theme/screens';

const PhoneMenu = lazy(() => import('./PhoneMenu'));
const Shortcuts = lazy(() => import('./Shortcuts'));

const THEME_NAMES: Readonly<Record<ThemeChoice, string>> = {
  device: 'as the device',
  light: 'light',
  dim: 'dim hall',
};
const THEME_ICONS = { device: SunMoon, light: Sun, dim: Moon } as const;

/** One slate bar over everything: the shelf, the open dance with its views, help. */
export function Frame() {
  const [showsKeys, setShowsKeys] = useState(false);
  const slot = useFrameSlot();
  const location = useLocation();
  // The wall that is looked at stays when the view changes.
  const wall = new URLSearchParams(location.search).get('wall');
  const search = wall ? `?wall=${encodeURIComponent(wall)}` : '';
  // Nine views in a row need more than a phone or a small tablet has.
  const isPhone = useMedia(IS_NARROW);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'F1' || (event.key === '/' && (event.ctrlKey || event.metaKey))) {
        event.preventDefault();
        setShowsKeys(true);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);

  return (
    <>
      <Box
        as="header"
        background="bar"
        color="barInk"
        position="sticky"
        top="0"
        zIndex="10"
        css={{ '@media print': { display: 'none' } }}
      >
        {isPhone && slot ? (
          <PhoneBar slot={slot} search={search} onKeys={() => setShowsKeys(true)} />
        ) : (
          <Bar slot={slot} search={search} onKeys={() => setShowsKeys(true)} />
        )}
        <FrameTruth />
      </Box>
      <Outlet key={location.pathname.split('/').slice(0, 3).join('/')} />
      {showsKeys && (
        <Suspense fallback={null}>
          <Shortcuts onClose={() => setShowsKeys(false)} />
        </Suspense>
      )}
    </>
  );
}

interface BarProps {
  slot: FrameSlot | undefined;
  /** The wall that is looked at stays when the view changes. */
  search: string;
  onKeys: () => void;
}

const useNextTheme = () => {
  const { choice } = useTheme();
  return { choice, next: THEMES[(THEMES.indexOf(choice) + 1) % THEMES.length] };
};

function Bar({ slot, search, onKeys }: BarProps) {
  const { choice, next } = useNextTheme();
  const Icon = THEME_ICONS[choice];
  return (
    <Flex align="center" gap="0.25rem" minHeight="3rem" paddingInline={{ base: '0.5rem', md: '1rem' }}>
      <chakra.span
        display="flex"
        alignItems="center"
        gap="0.6rem"
        fontWeight="700"
        fontSize="lead"
        marginRight="0.75rem"
        css={{ [PHONE]: { display: 'none' } }}
      >
        <img src="/icon.svg" alt="" width={26} height={26} />
        <chakra.span css={{ [slot ? WIDE : MEDIUM]: { display: 'none' } }}>{t('Pace Slate')}</chakra.span>
      </chakra.span>
      <Flex as="nav" aria-label={t('Main')} alignSelf="stretch">
        <BarLink to="/" end>
          {t('Dances')}
        </BarLink>
        {/* Beside the nine views of a dance a tablet has no room for them; they stand beside Dances. */}
        <Flex css={slot && { [MEDIUM]: { display: 'none' } }}>
          <BarLink to="/classes">{t('Classes')}</BarLink>
          <BarLink to="/figures">{t('Figures')}</BarLink>
          {!slot && <BarLink to="/about">{t('About')}</BarLink>}
        </Flex>
      </Flex>
      {slot && (
        <Flex alignSelf="stretch" align="center" flex="1" minWidth="0" justify="flex-end">
          <chakra.span
            fontWeight="700"
            fontSize="lead"
            overflow="hidden"
            textOverflow="ellipsis"
            whiteSpace="nowrap"
            paddingInline="0.75rem"
            minWidth="0"
            title={slot.title}
            // Nine views beside it leave a tablet no room.
            css={{ [MEDIUM]: { display: 'none' } }}
          >
            {slot.title}
          </chakra.span>
          <Flex as="nav" aria-label={t('Views of this dance')} alignSelf="stretch">
            <BarLink to={`/dance/${slot.id}${search}`} end>
              {t('Script')}
            </BarLink>
            <BarLink to={`/dance/${slot.id}/walls${search}`}>{t('Walls')}</BarLink>
            <BarLink to={`/dance/${slot.id}/floor${search}`}>{t('Floor')}</BarLink>
            <BarLink to={`/dance/${slot.id}/music${search}`}>{t('Music')}</BarLink>
            <BarLink to={`/dance/${slot.id}/lesson`}>{t('Lesson')}</BarLink>
            <BarLink to={`/dance/${slot.id}/practice`}>{t('Practice')}</BarLink>
            {/* The whole sheet, whichever wall was looked at: a handout for one wall is chosen there. */}
            <BarLink to={`/dance/${slot.id}/sheet`}>{t('Sheet')}</BarLink>
            <BarLink to={`/dance/${slot.id}/level`}>{t('Level')}</BarLink>
            <BarLink to={`/dance/${slot.id}/revisions`}>{t('Revisions')}</BarLink>
          </Flex>
        </Flex>
      )}
      <Flex marginLeft={slot ? '0.5rem' : 'auto'} gap="0.125rem">
        <Button
          variant="bar"
          size="small"
          aria-label={`Light: ${THEME_NAMES[choice]}. Change to ${THEME_NAMES[next]}`}
          title={`Light: ${THEME_NAMES[choice]}`}
          onClick={() => chooseTheme(next)}
        >
          <Icon size={18} aria-hidden />
        </Button>
        <Button variant="bar" size="small" aria-label={t('Keys')} title={t('Keys (F1)')} onClick={onKeys}>
          <Keyboard size={18} aria-hidden />
        </Button>
      </Flex>
    </Flex>
  );
}

/** On a phone the way back, the dance's name, and one menu for everything else. */
function PhoneBar({ slot, search, onKeys }: BarProps & { slot: FrameSlot }) {
  const { choice, next } = useNextTheme();
  return (
    <Flex align="center" gap="0.25rem" height="2.75rem" paddingInline="0.25rem">
      <chakra.span css={{ '& a': { display: 'flex', padding: '0.6rem', color: 'barInk' } }}>
        <NavLink to="/" aria-label={t('Dances')}>
          <ChevronLeft size={20} aria-hidden />
        </NavLink>
      </chakra.span>
      <chakra.b flex="1" minWidth="0" overflow="hidden" textOverflow="ellipsis" whiteSpace="nowrap">
        {slot.title}
      </chakra.b>
      <Suspense fallback={null}>
        <PhoneMenu
          id={slot.id}
          search={search}
          onKeys={onKeys}
          light={t('Light: {now}', { now: THEME_NAMES[next] })}
          onLight={() => chooseTheme(next)}
          key={choice}
        />
      </Suspense>
    </Flex>
  );
}

function BarLink({ to, end, children }: { to: string; end?: boolean; children: string }) {
  return (
    <chakra.span
      display="flex"
      css={{
        '& a': {
          display: 'flex',
          alignItems: 'center',
          paddingInline: '0.75rem',
          [MEDIUM]: { paddingInline: '0.5rem' },
          [PHONE]: { paddingInline: '0.45rem' },
          color: 'barQuiet',
          textDecoration: 'none',
          borderBottom: '3px solid transparent',
          borderTop: '3px solid transparent',
          minHeight: '2.75rem',
        },
        '& a:hover': { color: 'barInk', background: 'barHover' },
        '& a[aria-current=page]': { color: 'barInk', fontWeight: '700', borderBottomColor: 'barInk' },
        '& a:focus-visible': { outlineColor: 'barInk', outlineOffset: '-4px' },
      }}
    >
      <NavLink to={to} end={end}>
        {children}
      </NavLink>
    </chakra.span>
  );
}
