import {
  IconApple,
  IconBell,
  IconCloud,
  IconFish,
  IconFlower,
  IconHome,
  IconLeaf,
  IconMoon,
  IconSailboat,
  IconSun,
  IconTrees,
  IconUmbrella,
  type Icon,
} from '@tabler/icons-react';
import type { KeyPicture } from '@/contracts/people';

const PICTURES: Readonly<Record<KeyPicture, Icon>> = {
  sun: IconSun,
  moon: IconMoon,
  cloud: IconCloud,
  tree: IconTrees,
  leaf: IconLeaf,
  flower: IconFlower,
  fish: IconFish,
  boat: IconSailboat,
  house: IconHome,
  apple: IconApple,
  bell: IconBell,
  umbrella: IconUmbrella,
};

/** One picture of a key; its word stands beside it wherever it is shown. */
export function KeyPictureIcon({ picture, size }: { picture: KeyPicture; size: number }) {
  const Picture = PICTURES[picture];
  return <Picture size={size} stroke={1.6} aria-hidden />;
}
