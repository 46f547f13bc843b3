<?php

declare(strict_types=1);

namespace App\Session;

use ErrorException;
use Illuminate\Session\FileSessionHandler;

/**
 * Sessions as files that are replaced as a whole, so that neither a kill nor a full disk in the middle of writing signs
 * a keeper out.
 */
final class WholeFileSessions extends FileSessionHandler
{
    public function write($sessionId, $data): bool
    {
        try {
            $this->files->replace("{$this->path}/{$sessionId}", $data, 0600);

            return true;
        } catch (ErrorException) {
            // The session stays as it was; what the request did is done all the same.
            return false;
        }
    }

    public function gc($lifetime): int
    {
        $deleted = 0;
        foreach (glob("{$this->path}/*") ?: [] as $file) {
            // Another request may have taken the file away meanwhile.
            $touched = @filemtime($file);
            $deleted += $touched !== false && $touched < time() - $lifetime && @unlink($file) ? 1 : 0;
        }

        return $deleted;
    }
}
