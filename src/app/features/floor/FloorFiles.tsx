import { Flex } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../theme/Button';
import { downloadFile, fileName } from '../files/download';
import { t } from '../../texts';

/** The picture as it is seen, on its own: colours written out, nothing left of the page's style. */
function pictureText(): string | undefined {
  const picture = document.querySelector<SVGSVGElement>('svg[data-floor]');
  if (!picture) return undefined;
  const copy = picture.cloneNode(true) as SVGSVGElement;
  const { width, height } = picture.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  copy.setAttribute('font-family', 'sans-serif');
  copy.removeAttribute('class');
  const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
  ground.setAttribute('width', '100%');
  ground.setAttribute('height', '100%');
  ground.setAttribute('fill', 'var(--chakra-colors-floor)');
  copy.prepend(ground);
  const style = getComputedStyle(document.documentElement);
  return copy.outerHTML.replace(/var\((--[\w-]+)\)/g, (_, name: string) => style.getPropertyValue(name).trim());
}

const SCALE = 2;

async function pngOf(text: string): Promise<Blob | null> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = image.width * SCALE;
  canvas.height = image.height * SCALE;
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve) => canvas.toBlob(resolve, 'image/png'));
}

/** The picture of this moment as a file. */
export function FloorFiles({ title }: { title: string }) {
  const [problem, setProblem] = useState('');
  const save = async (form: 'svg' | 'png'): Promise<void> => {
    setProblem('');
    const text = pictureText();
    const content = text && (form === 'svg' ? text : await pngOf(text).catch(() => null));
    if (!content) return setProblem(t('This browser could not make the picture.'));
    downloadFile(fileName(title, form), form === 'svg' ? 'image/svg+xml' : 'image/png', content);
  };
  return (
    <Flex gap="0.4rem" marginTop="0.75rem" align="center" flexWrap="wrap">
      <Button size="small" onClick={() => void save('svg')}>
        <Download size={16} aria-hidden /> SVG
      </Button>
      <Button size="small" onClick={() => void save('png')}>
        <Download size={16} aria-hidden /> PNG
      </Button>
      {problem && <span role="alert">{problem}</span>}
    </Flex>
  );
}
