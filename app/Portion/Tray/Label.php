<?php

declare(strict_types=1);

namespace App\Portion\Tray;

use App\Kitchen\Format\Words;
use DateTimeImmutable;
use Sectum\Measure\Mass;
use Sectum\Portion\Label\PortionLabel;
use TCPDF2DBarcode;
use TCPDFBarcode;

/** One label, as it is shown and as it is printed. */
final readonly class Label
{
    /** How the barcode library takes the function character. */
    public const FNC1 = "\xf1";

    public function __construct(
        public string $kitchen,
        public string $dish,
        public string $what,
        public Mass $net,
        public ?int $count,
        public string $lots,
        public DateTimeImmutable $useBy,
        public bool $frozen,
        public string $made,
        public string $contains,
        public string $bones,
        public PortionLabel $codes,
    ) {
    }

    /** What the bars carry: a leading function character says that these are GS1 elements. */
    public function bars(): string
    {
        return self::FNC1.str_replace("\x1d", self::FNC1, $this->codes->elements->data);
    }

    /** @return Answer */
    public function shown(Words $words): array
    {
        $bars = (new TCPDFBarcode($this->bars(), 'C128'))->getBarcodeSVGcode(1, 40, 'black');
        $square = (new TCPDF2DBarcode($this->codes->link, 'QRCODE,M'))->getBarcodeSVGcode(4, 4, 'black');

        return [
            'kitchen' => $this->kitchen,
            'dish' => $this->dish,
            'what' => $this->what,
            'net' => $words->text($this->net),
            'count' => $this->count,
            'lots' => $this->lots,
            'use_by' => $this->useBy->format('D j M Y'),
            'frozen' => $this->frozen,
            'made' => $this->made,
            'contains' => $this->contains,
            'bones' => $this->bones,
            'read' => $this->codes->elements->read,
            'link' => $this->codes->link,
            'bars' => self::picture($bars),
            'square' => self::picture($square),
        ];
    }

    /** The library writes what is encoded into the picture too, function characters and all, which is no XML. */
    private static function picture(string $svg): string
    {
        $plain = (string) preg_replace('#<desc>.*?</desc>#s', '', $svg);

        return 'data:image/svg+xml;base64,'.
            base64_encode(
                str_replace('<svg ', '<svg shape-rendering="crispEdges" preserveAspectRatio="none" ', $plain),
            );
    }
}
