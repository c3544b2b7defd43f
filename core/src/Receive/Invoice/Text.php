<?php

declare(strict_types=1);

namespace Sectum\Receive\Invoice;

/** The bytes of a file as text, whatever it was saved as. */
final readonly class Text
{
    /**
     * @return string UTF-8 without a byte order mark
     *
     * @throws BadInvoice when it is no text
     */
    public static function utf8(string $bytes): string
    {
        $text = match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            // What office programs of the west save when they do not save UTF-8.
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };
        if (trim($text) === '') {
            throw new BadInvoice('The file is empty.', '', '/file');
        }
        if (preg_match('/[\x00-\x08\x0E-\x1A\x1C-\x1F]/', $text) === 1) {
            throw new BadInvoice('This file is not text: save the invoice as CSV or as UBL XML.', '', '/file');
        }

        return $text;
    }
}
