<?php

declare(strict_types=1);

namespace App\Kitchen;

/**
 * An id under which something was sent, with a digest of what it was.
 *
 * @property string $id
 * @property string $digest SHA-256 of kind and content
 */
final class Sent extends Record
{
    protected $table = 'sent';
}
