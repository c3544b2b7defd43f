<?php

declare(strict_types=1);

namespace App\Kitchen\Format;

use App\Kitchen\Language\Language;
use App\Kitchen\Language\Said;
use TCPDF;

/**
 * A document that is printed: it says what it is given in the language of whoever asked for it, or of whom a page of it
 * is for.
 */
final class Sheet extends TCPDF
{
    private Said $said;

    /** Within a text of several lines each line has been said already. */
    private bool $saying = false;

    /**
     * @param  'P'|'L'  $orientation
     * @param  'A4'|array{int, int}  $format  or millimetres
     */
    public function __construct(string $orientation = 'P', string|array $format = 'A4')
    {
        parent::__construct($orientation, 'mm', $format, true, 'UTF-8');
        $this->said = Said::in(Language::spoken());
        $this->setCreator('Sectum');
        // The library's own line, which nobody sees, is in no paper of a kitchen's.
        $this->tcpdflink = false;
        $this->setPrintHeader(false);
        $this->setPrintFooter(false);
    }

    /** What follows is for somebody who reads these words. */
    public function in(Said $words): void
    {
        $this->said = $words;
    }

    /** As this sheet says it. */
    public function says(string $text): string
    {
        return $this->saying ? $text : $this->said->cell($text);
    }

    public function setTitle($title): void
    {
        parent::setTitle($this->says($title));
    }

    public function getNumLines($txt, $w = 0, ...$how)
    {
        return parent::getNumLines($this->says($txt), $w, ...$how);
    }

    public function Cell($w, $h = 0, $txt = '', ...$how): void
    {
        parent::Cell($w, $h, $this->says($txt), ...$how);
    }

    public function MultiCell($w, $h, $txt, ...$how)
    {
        $text = $this->says($txt);
        $this->saying = true;
        $lines = parent::MultiCell($w, $h, $text, ...$how);
        $this->saying = false;

        return $lines;
    }
}
