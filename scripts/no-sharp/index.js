throw new Error('Vorschule installs no image rasteriser; pictures are vectors.');
