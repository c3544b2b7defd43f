<?php

declare(strict_types=1);

namespace App\Kitchen;

use Monolog\Handler\RotatingFileHandler;
use Monolog\LogRecord;

/** A log file a day that stops growing before it fills the disk. */
final class BoundedLog extends RotatingFileHandler
{
    private const MOST_BYTES = 10_000_000;

    protected function write(LogRecord $record): void
    {
        $file = $this->url;
        clearstatcache(true, (string) $file);
        if ($file !== null && is_file($file) && filesize($file) > self::MOST_BYTES) {
            return;
        }
        parent::write($record);
    }
}
