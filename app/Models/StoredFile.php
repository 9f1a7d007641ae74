<?php

declare(strict_types=1);

namespace App\Models;

use finfo;
use Illuminate\Database\Eloquent\Model;

/**
 * The bytes of a file, once however often it is sent.
 *
 * @property string $sha256
 * @property string $media_type
 * @property int $bytes
 */
final class StoredFile extends Model
{
    /** What is taken, by what the bytes say; the name of a file says nothing. */
    public const MEDIA_TYPES = ['image/jpeg', 'image/png', 'image/webp', 'application/pdf'];

    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'sha256';

    protected $keyType = 'string';

    protected $fillable = ['sha256', 'media_type', 'bytes', 'content'];

    /** What the bytes of a file are, of what is taken; null for anything else. */
    public static function mediaTypeOf(string $path): ?string
    {
        $type = (new finfo(FILEINFO_MIME_TYPE))->file($path);
        if (!in_array($type, self::MEDIA_TYPES, true)) {
            return null;
        }
        $picture = $type === 'application/pdf' ? null : @getimagesize($path);

        return $picture === null || ($picture !== false && $picture['mime'] === $type) ? $type : null;
    }

    /** Stores the bytes of a file whose type is known, and tells their name. */
    public static function keep(string $path, string $mediaType): string
    {
        $sha256 = (string) hash_file('sha256', $path);
        self::query()->insertOrIgnore([['sha256' => $sha256, 'media_type' => $mediaType, 'bytes' => filesize($path), 'content' => fopen($path, 'r')]]);

        return $sha256;
    }

    public function content(): string
    {
        $content = $this->getAttribute('content');

        return is_resource($content) ? (string) stream_get_contents($content, offset: 0) : '';
    }
}
