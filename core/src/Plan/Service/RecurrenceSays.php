<?php

declare(strict_types=1);

namespace Sectum\Plan\Service;

use Sectum\Sentence;

/** Why a recurring event of a calendar is not read. */
enum RecurrenceSays: string implements Sentence
{
    /** Its rule cannot be read, or asks for what no service does. Value: `name`. */
    case NotRead = 'not-read';
    /** Its rule never comes, such as 30 February. Value: `name`. */
    case Never = 'never';
    /** It began too long ago, or counts too many times. Value: `name`. */
    case TooLong = 'too-long';
}
