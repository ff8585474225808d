import { Box, chakra, Flex } from '@chakra-ui/react';
import { Keyboard, Moon, Sun, SunMoon } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { NavLink, Outlet, useLocation } from 'react-router';
import { THEMES, chooseTheme, useTheme, type ThemeChoice } from '../../theme/theme-choice';
import { FrameTruth, useFrameSlot } from './slot';
import { Button } from '../../theme/Button';
import { t } from '../../texts';
import { MEDIUM, NARROW, PHONE } from '../../theme/screens';

const Shortcuts = lazy(() => import('./Shortcuts'));

const THEME_NAMES: Readonly<Record<ThemeChoice, string>> = {
  device: 'as the device',
  light: 'light',
  dim: 'dim hall',
};
const THEME_ICONS = { device: SunMoon, light: Sun, dim: Moon } as const;

/** One slate bar over everything: the shelf, the open dance with its views, help. */
export function Frame() {
  const { choice } = useTheme();
  const [showsKeys, setShowsKeys] = useState(false);
  const slot = useFrameSlot();
  const location = useLocation();
  // The wall that is looked at stays when the view changes.
  const wall = new URLSearchParams(location.search).get('wall');
  const search = wall ? `?wall=${encodeURIComponent(wall)}` : '';
  const Icon = THEME_ICONS[choice];
  const next = THEMES[(THEMES.indexOf(choice) + 1) % THEMES.length];

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
        <Flex
          align="center"
          gap="0.25rem"
          minHeight="3rem"
          paddingInline={{ base: '0.5rem', md: '1rem' }}
          css={{ [PHONE]: { flexWrap: 'wrap' } }}
        >
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
            <chakra.span css={{ [MEDIUM]: { display: 'none' } }}>{t('Pace Slate')}</chakra.span>
          </chakra.span>
          <Flex as="nav" aria-label={t('Main')} alignSelf="stretch">
            <BarLink to="/" end>
              {t('Dances')}
            </BarLink>
            <BarLink to="/figures">{t('Figures')}</BarLink>
            {/* A phone has no room for it beside an open dance; the shelf has it. */}
            <chakra.span display="flex" css={slot && { [PHONE]: { display: 'none' } }}>
              <BarLink to="/about">{t('About')}</BarLink>
            </chakra.span>
          </Flex>
          {slot && (
            <Flex
              alignSelf="stretch"
              align="center"
              flex="1"
              minWidth="0"
              justify="flex-end"
              css={{
                // Its own line on a phone: five views do not fit beside the shelf.
                [PHONE]: {
                  order: 3,
                  flexBasis: '100%',
                  justifyContent: 'flex-start',
                  minHeight: '2.5rem',
                },
              }}
            >
              <chakra.span
                fontWeight="700"
                fontSize="lead"
                overflow="hidden"
                textOverflow="ellipsis"
                whiteSpace="nowrap"
                paddingInline="0.75rem"
                minWidth="0"
                title={slot.title}
                css={{ [NARROW]: { display: 'none' } }}
              >
                {slot.title}
              </chakra.span>
              <Flex as="nav" aria-label={t('Views of this dance')} alignSelf="stretch">
                <BarLink to={`/dance/${slot.id}${search}`} end>
                  {t('Script')}
                </BarLink>
                <BarLink to={`/dance/${slot.id}/walls${search}`}>{t('Walls')}</BarLink>
                {/* The whole sheet, whichever wall was looked at: a handout for one wall is chosen there. */}
                <BarLink to={`/dance/${slot.id}/sheet`}>{t('Sheet')}</BarLink>
                <BarLink to={`/dance/${slot.id}/revisions`}>{t('Revisions')}</BarLink>
              </Flex>
            </Flex>
          )}
          <Flex marginLeft={slot ? '0.5rem' : 'auto'} gap="0.125rem" css={{ [PHONE]: { marginLeft: 'auto' } }}>
            <Button
              variant="bar"
              size="small"
              aria-label={`Light: ${THEME_NAMES[choice]}. Change to ${THEME_NAMES[next]}`}
              title={`Light: ${THEME_NAMES[choice]}`}
              onClick={() => chooseTheme(next)}
            >
              <Icon size={18} aria-hidden />
            </Button>
            <Button
              variant="bar"
              size="small"
              aria-label={t('Keys')}
              title={t('Keys (F1)')}
              onClick={() => setShowsKeys(true)}
            >
              <Keyboard size={18} aria-hidden />
            </Button>
          </Flex>
        </Flex>
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

function BarLink({ to, end, children }: { to: string; end?: boolean; children: string }) {
  return (
    <chakra.span
      display="flex"
      css={{
        '& a': {
          display: 'flex',
          alignItems: 'center',
          paddingInline: '0.75rem',
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
